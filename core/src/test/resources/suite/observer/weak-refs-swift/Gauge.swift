protocol GaugeListener: AnyObject {
    func changed(_ level: Int)
}

final class Gauge {
    private struct Weak {
        weak var listener: GaugeListener?
    }

    private var listeners: [ObjectIdentifier: Weak] = [:]

    var level = 0 {
        didSet { tell() }
    }

    func add(_ listener: GaugeListener) {
        listeners[ObjectIdentifier(listener)] = Weak(listener: listener)
    }

    func remove(_ listener: GaugeListener) {
        listeners.removeValue(forKey: ObjectIdentifier(listener))
    }

    private func tell() {
        for (id, weak) in listeners {
            guard let listener = weak.listener else {
                listeners[id] = nil
                continue
            }
            listener.changed(level)
        }
    }
}

final class Board: GaugeListener {
    private var text = ""
    func changed(_ level: Int) { text = "tide \(level)" }
}

final class Siren: GaugeListener {
    private var on = false
    func changed(_ level: Int) { on = level > 400 }
}
