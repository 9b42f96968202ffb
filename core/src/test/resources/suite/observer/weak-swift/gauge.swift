protocol LevelObserver: AnyObject {
    func levelDidChange(to metres: Double)
}

final class TideGauge {
    private struct WeakBox {
        weak var observer: LevelObserver?
    }

    private var boxes: [WeakBox] = []

    var level = 0.0 {
        didSet { boxes.forEach { $0.observer?.levelDidChange(to: level) } }
    }

    func add(_ observer: LevelObserver) {
        boxes.append(WeakBox(observer: observer))
    }

    func remove(_ observer: LevelObserver) {
        boxes.removeAll { $0.observer === observer }
    }
}

final class Siren: LevelObserver {
    private(set) var sounding = false
    func levelDidChange(to metres: Double) { sounding = metres > 4 }
}

final class Board: LevelObserver {
    var text = ""
    func levelDidChange(to metres: Double) { text = "\(metres) m" }
}

let gauge = TideGauge()
gauge.add(Siren())
gauge.add(Board())
gauge.level = 4.3
