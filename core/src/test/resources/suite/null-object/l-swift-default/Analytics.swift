protocol Tracker {
    func track(_ event: String)
    func flush() -> Int
}

struct ServerTracker: Tracker {
    let address: String
    func track(_ event: String) { print(address, event) }
    func flush() -> Int { address.count }
}

struct NoTracker: Tracker {
    func track(_ event: String) {}
    func flush() -> Int { 0 }
}

extension Tracker where Self == NoTracker {
    static var none: NoTracker { NoTracker() }
}

final class BookingForm {
    private let tracker: any Tracker
    private var sent = 0

    init(tracker: any Tracker = NoTracker()) {
        self.tracker = tracker
    }

    func submit(_ ship: String) {
        tracker.track("submit \(ship)")
        sent += tracker.flush()
    }
}
