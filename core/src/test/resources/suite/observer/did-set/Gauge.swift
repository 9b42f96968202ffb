protocol GaugeListener: AnyObject {
    func changed(_ gauge: Gauge, to level: Int)
}

final class WeakListener {
    weak var value: GaugeListener?

    init(_ value: GaugeListener) {
        self.value = value
    }
}

final class Gauge {
    private var listeners: [WeakListener] = []

    var level = 0 {
        didSet {
            guard level != oldValue else { return }
            listeners.forEach { $0.value?.changed(self, to: level) }
        }
    }

    func add(_ listener: GaugeListener) {
        listeners.append(WeakListener(listener))
    }

    func remove(_ listener: GaugeListener) {
        listeners.removeAll { $0.value === listener }
    }
}

final class Siren: GaugeListener {
    func changed(_ gauge: Gauge, to level: Int) {
        if level > 300 { print("siren") }
    }
}

final class Book: GaugeListener {
    private var lines: [String] = []

    func changed(_ gauge: Gauge, to level: Int) {
        lines.append("\(level)")
    }
}

let gauge = Gauge()
let siren = Siren()
let book = Book()
gauge.add(siren)
gauge.add(book)
gauge.level = 310
gauge.remove(book)
