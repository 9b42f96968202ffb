final class MorningShift {
    let boom = Boom()
    let lights = Lights()
    let pump = Pump()

    func open() {
        boom.raise()
        lights.turn("green")
        pump.start()
    }
}

final class Emergency {
    private let boom: Boom
    private let lights: Lights
    private let pump: Pump

    init(boom: Boom, lights: Lights, pump: Pump) {
        self.boom = boom
        self.lights = lights
        self.pump = pump
    }

    func clear(ship: String) {
        print("clearing for \(ship)")
        boom.raise()
        lights.turn("blue")
        pump.start()
    }
}
