final class Logbook {
    private let thermometer: Thermometer
    private var lines: [Double] = []
    init(thermometer: Thermometer) { self.thermometer = thermometer }
    func note() { lines.append(thermometer.celsius) }
}
