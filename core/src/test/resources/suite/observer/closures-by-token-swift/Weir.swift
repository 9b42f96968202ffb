import Foundation

final class Weir {
    typealias Handler = (Double) -> Void

    private var handlers: [UUID: Handler] = [:]
    private(set) var level = 0.0

    @discardableResult
    func onChange(_ handler: @escaping Handler) -> UUID {
        let token = UUID()
        handlers[token] = handler
        return token
    }

    func cancel(_ token: UUID) {
        handlers[token] = nil
    }

    func rise(by metres: Double) {
        level += metres
        handlers.values.forEach { $0(level) }
    }
}
