final class Subscription {
    private let cancel: () -> Void

    init(cancel: @escaping () -> Void) {
        self.cancel = cancel
    }

    deinit { cancel() }
}

final class Anemometer {
    private var handlers: [Int: (Double) -> Void] = [:]
    private var next = 0
    private(set) var knots = 0.0

    func onGust(_ handler: @escaping (Double) -> Void) -> Subscription {
        next += 1
        let key = next
        handlers[key] = handler
        return Subscription { [weak self] in self?.handlers[key] = nil }
    }

    func measure(_ knots: Double) {
        self.knots = knots
        handlers.values.forEach { $0(knots) }
    }
}
