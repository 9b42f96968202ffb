protocol LaneObserver: AnyObject {
    func laneCleared(_ lane: Lane)
}

final class Lane {
    private var observers: [LaneObserver] = []
    private(set) var pins = 10

    func add(_ observer: LaneObserver) {
        observers.append(observer)
    }

    func remove(_ observer: LaneObserver) {
        observers.removeAll { $0 === observer }
    }

    func hit(_ count: Int) {
        pins -= count
        if pins == 0 {
            observers.forEach { $0.laneCleared(self) }
        }
    }

    func reset() {
        pins = 10
    }
}

final class ScoreSheet: LaneObserver {
    private var strikes = 0
    func laneCleared(_ lane: Lane) { strikes += 1 }
}

final class Poster: LaneObserver {
    func laneCleared(_ lane: Lane) {}
}
