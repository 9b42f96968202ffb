protocol Device {
    func start()
    func stop()
    func calibrate()
    func report() -> String
}

final class Radar: Device {
    private var on = false
    func start() { on = true }
    func stop() { on = false }
    func calibrate() { on.toggle() }
    func report() -> String { "\(on)" }
}

final class Lamp: Device {
    private var lit = false
    func start() { lit = true }
    func stop() { lit = false }
    func calibrate() {}
    func report() -> String { fatalError("a lamp reports nothing") }
}

final class Flag: Device {
    private var up = false
    func start() { up = true }
    func stop() { up = false }
    func calibrate() {}
    func report() -> String { fatalError("a flag reports nothing") }
}
