protocol Clock: AnyObject {
    func now() -> Double
}

final class PortClock: Clock {
    static let shared: Clock = PortClock()
    private var offset = 0.0

    private init() {}

    func shift(by seconds: Double) { offset += seconds }

    func now() -> Double { offset + 1 }
}
