protocol BuoyListener: AnyObject {
    func drifted(by metres: Double)
}

final class Buoy {
    private var listeners: [BuoyListener] = []
    private var offset = 0.0

    func add(_ listener: BuoyListener) {
        listeners.append(listener)
    }

    func remove(_ listener: BuoyListener) {
        listeners.removeAll { $0 === listener }
    }

    func move(_ metres: Double) {
        offset += metres
        for listener in listeners {
            listener.drifted(by: offset)
            if offset > 100 {
                break
            }
        }
    }
}
