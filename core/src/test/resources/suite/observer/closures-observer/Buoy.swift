import Foundation

final class Buoy {
    private var handlers: [UUID: (Double) -> Void] = [:]

    var drift: Double = 0 {
        didSet {
            handlers.values.forEach { $0(drift) }
        }
    }

    func observe(_ handler: @escaping (Double) -> Void) -> UUID {
        let id = UUID()
        handlers[id] = handler
        return id
    }

    func stop(_ id: UUID) {
        handlers[id] = nil
    }
}

final class Tender {
    private var token: UUID?
    private var alarm = false

    func watch(_ buoy: Buoy) {
        token = buoy.observe { [weak self] drift in
            self?.alarm = drift > 20
        }
    }
}
