protocol Thermometer {
    var celsius: Double { get }
    func calibrate(offset: Double)
}

/// From the vendor's kit.
final class HullProbe {
    private var raw = 512
    private var shift = 0.0
    func readFahrenheit() -> Double { Double(raw) / 10 + shift }
    func setShift(_ shift: Double) { self.shift = shift }
}

extension HullProbe: Thermometer {
    var celsius: Double { (readFahrenheit() - 32) / 1.8 }
    func calibrate(offset: Double) { setShift(offset * 1.8) }
}

final class MercuryThermometer: Thermometer {
    private var offset = 0.0
    var celsius: Double { 12.5 + offset }
    func calibrate(offset: Double) { self.offset = offset }
}
