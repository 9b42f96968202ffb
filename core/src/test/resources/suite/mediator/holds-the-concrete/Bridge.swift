final class Lookout {
    private unowned let bridge: Bridge

    init(bridge: Bridge) {
        self.bridge = bridge
    }

    func sees(_ what: String) {
        bridge.report(from: self, what: what)
    }

    func calmDown() {
        print("calm")
    }
}

final class Engine {
    private unowned let bridge: Bridge
    private var revs = 0

    init(bridge: Bridge) {
        self.bridge = bridge
    }

    func slow() {
        revs = 100
        bridge.slowed()
    }
}

final class Bridge {
    private(set) lazy var lookout = Lookout(bridge: self)
    private lazy var engine = Engine(bridge: self)

    func report(from lookout: Lookout, what: String) {
        if what == "rock" {
            engine.slow()
        }
    }

    func slowed() {
        lookout.calmDown()
    }
}

let bridge = Bridge()
bridge.lookout.sees("rock")
