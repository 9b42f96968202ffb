protocol WeatherWatcher: AnyObject {
    func changed(to degrees: Double)
}

final class Station {
    private var watchers: [WeatherWatcher] = []
    private(set) var degrees = 0.0

    func join(_ watcher: WeatherWatcher) {
        watchers.append(watcher)
    }

    func leave(_ watcher: WeatherWatcher) {
        watchers.removeAll { $0 === watcher }
    }

    func measure(_ value: Double) {
        degrees = value
        for watcher in watchers {
            watcher.changed(to: value)
        }
    }
}

final class Board: WeatherWatcher {
    func changed(to degrees: Double) {
        print("now \(degrees)")
    }
}

final class Archive: WeatherWatcher {
    private var all: [Double] = []
    func changed(to degrees: Double) {
        all.append(degrees)
    }
}

final class Siren: WeatherWatcher {
    func changed(to degrees: Double) {
    }
}

let station = Station()
station.join(Board())
station.join(Archive())
station.join(Siren())
station.measure(31.5)
