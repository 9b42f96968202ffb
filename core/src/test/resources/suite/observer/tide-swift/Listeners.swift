final class FloodBell: GaugeListener {
    private(set) var rung = 0

    func gauge(_ gauge: Gauge, rose metres: Double) {
        if metres > 0.4 { rung += 1 }
    }
}

final class TideBook: GaugeListener {
    private var lines: [String] = []

    func gauge(_ gauge: Gauge, rose metres: Double) {
        lines.append("\(gauge.level): +\(metres)")
    }
}

let gauge = Gauge()
let bell = FloodBell()
let book = TideBook()
gauge.add(bell)
gauge.add(book)
gauge.level = 2.5
