protocol GaugeListener: AnyObject {
    func gauge(_ gauge: Gauge, rose metres: Double)
}

final class Gauge {
    private struct Entry {
        weak var listener: GaugeListener?
    }

    private var entries: [ObjectIdentifier: Entry] = [:]

    var level: Double = 0 {
        didSet {
            guard level > oldValue else { return }
            tell(level - oldValue)
        }
    }

    func add(_ listener: GaugeListener) {
        entries[ObjectIdentifier(listener)] = Entry(listener: listener)
    }

    func remove(_ listener: GaugeListener) {
        entries.removeValue(forKey: ObjectIdentifier(listener))
    }

    private func tell(_ metres: Double) {
        for (id, entry) in entries {
            guard let listener = entry.listener else {
                entries.removeValue(forKey: id)
                continue
            }
            listener.gauge(self, rose: metres)
        }
    }
}
