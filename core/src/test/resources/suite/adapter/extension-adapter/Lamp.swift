protocol Beacon {
    func show(seconds: Int)
    var isLit: Bool { get }
}

final class GasLamp {
    private(set) var valve = 0

    func turn(quarter: Int) {
        valve += quarter
    }

    func shut() {
        valve = 0
    }
}

extension GasLamp: Beacon {
    func show(seconds: Int) {
        turn(quarter: seconds > 5 ? 4 : 1)
    }

    var isLit: Bool { valve > 0 }
}

final class DiodeBeacon: Beacon {
    private(set) var isLit = false
    func show(seconds: Int) { isLit = seconds > 0 }
}

struct Keeper {
    let beacons: [Beacon]

    func dusk() {
        for beacon in beacons where !beacon.isLit {
            beacon.show(seconds: 8)
        }
    }
}
