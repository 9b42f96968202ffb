import Foundation

protocol StationWatcher: AnyObject {
    func station(_ station: Station, measured degrees: Double)
}

private final class WeakWatcher {
    weak var watcher: StationWatcher?

    init(_ watcher: StationWatcher) {
        self.watcher = watcher
    }
}

final class Station {
    private var watchers: [WeakWatcher] = []

    var degrees: Double = 0 {
        didSet {
            guard degrees != oldValue else { return }
            tell()
        }
    }

    func add(_ watcher: StationWatcher) {
        watchers.append(WeakWatcher(watcher))
    }

    func remove(_ watcher: StationWatcher) {
        watchers.removeAll { $0.watcher === watcher || $0.watcher == nil }
    }

    private func tell() {
        for box in watchers {
            box.watcher?.station(self, measured: degrees)
        }
    }
}
