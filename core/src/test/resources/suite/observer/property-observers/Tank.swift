final class FuelTank {
    typealias Handler = (Double) -> Void
    private var handlers: [Int: Handler] = [:]
    private var nextToken = 0
    var litres: Double = 0 {
        didSet { handlers.values.forEach { $0(litres) } }
    }
    func observe(_ handler: @escaping Handler) -> Int {
        nextToken += 1
        handlers[nextToken] = handler
        return nextToken
    }
    func stop(_ token: Int) { handlers[token] = nil }
}
final class FuelGauge {
    private(set) var text = ""
    func attach(to tank: FuelTank) { _ = tank.observe { [weak self] in self?.text = "\($0) l" } }
}
final class LowAlarm {
    var ringing = false
    func watch(_ tank: FuelTank) { _ = tank.observe { litres in self.ringing = litres < 20 } }
}
