protocol ScoreWatcher: AnyObject {
    func scoreChanged(to score: Int)
}

struct WeakWatcher {
    weak var watcher: ScoreWatcher?
}

final class Game {
    private var watchers: [WeakWatcher] = []
    private(set) var score = 0 {
        didSet { tell() }
    }

    func watch(_ watcher: ScoreWatcher) {
        watchers.append(WeakWatcher(watcher: watcher))
    }

    func unwatch(_ watcher: ScoreWatcher) {
        watchers.removeAll { $0.watcher === watcher }
    }

    func hit() { score += 10 }

    private func tell() {
        for box in watchers {
            box.watcher?.scoreChanged(to: score)
        }
    }
}

final class ScoreLabel: ScoreWatcher {
    private var text = ""
    func scoreChanged(to score: Int) { text = "\(score) points" }
}

final class Fanfare: ScoreWatcher {
    private var played = 0
    func scoreChanged(to score: Int) {
        if score % 100 == 0 { played += 1 }
    }
}
