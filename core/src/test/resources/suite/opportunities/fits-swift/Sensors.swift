protocol Thermometer {
    func read() -> Double
    func name() -> String
}

final class CellarProbe: Thermometer {
    func read() -> Double { 11.5 }
    func name() -> String { "cellar" }
}

final class RoofGauge {
    private var last = 20.0
    func currentTemperature() -> Double { last }
    func name() -> String { "roof" }
}

final class House {
    private let thermometers: [Thermometer]
    init(_ thermometers: [Thermometer]) { self.thermometers = thermometers }

    func warmest() -> Double {
        thermometers.map { $0.read() }.max() ?? 0
    }
}
