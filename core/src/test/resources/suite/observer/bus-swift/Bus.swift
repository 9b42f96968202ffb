final class HarbourBus {
    typealias Listener = (String) -> Void
    private var listeners: [String: [Listener]] = [:]

    func on(_ topic: String, _ listener: @escaping Listener) {
        listeners[topic, default: []].append(listener)
    }

    func say(_ topic: String, _ text: String) {
        listeners[topic]?.forEach { $0(text) }
    }
}

final class Board {
    private var lines: [String] = []

    init(bus: HarbourBus) {
        bus.on("arrival") { [weak self] text in self?.lines.append(text) }
        bus.on("storm") { [weak self] text in self?.lines = [text] }
    }
}
