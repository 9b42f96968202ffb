protocol Meter {
    func reading() -> Double
    var title: String { get }
}

final class FlowMeter: Meter {
    private var litres = 0.0
    func count(_ more: Double) { litres += more }
    func reading() -> Double { litres }
    var title: String { "flow" }
}

final class BoughtSensor {
    private var raw = 512
    let serial: String
    init(serial: String) { self.serial = serial }
    func fetchRaw() -> Int { raw }
}

extension BoughtSensor: Meter {
    func reading() -> Double { Double(fetchRaw()) / 1024 }
    var title: String { "sensor " + serial }
}

final class Panel {
    private let meters: [Meter]
    init(meters: [Meter]) { self.meters = meters }
    func lines() -> [String] { meters.map { "\($0.title): \($0.reading())" } }
}

print(Panel(meters: [FlowMeter(), BoughtSensor(serial: "B7")]).lines())
