final class FrostLamp: StationWatcher {
    private(set) var lit = false

    func station(_ station: Station, measured degrees: Double) {
        lit = degrees < 0
    }
}

final class Logbook: StationWatcher {
    private var lines: [String] = []

    func station(_ station: Station, measured degrees: Double) {
        lines.append("\(degrees)")
    }
}
