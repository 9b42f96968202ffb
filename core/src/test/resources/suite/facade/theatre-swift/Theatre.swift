final class Curtain {
    private var open = false
    func raise() { open = true }
    func drop() { open = false }
}

final class Lights {
    private var level = 100
    func dim(to level: Int) { self.level = level }
}

final class Orchestra {
    private var playing = false
    func tune() { playing = false }
    func play() { playing = true }
    func rest() { playing = false }
}

final class StageManager {
    private let curtain = Curtain()
    private let lights = Lights()
    private let orchestra = Orchestra()

    func begin() {
        orchestra.tune()
        lights.dim(to: 10)
        curtain.raise()
        orchestra.play()
    }

    func end() {
        orchestra.rest()
        curtain.drop()
        lights.dim(to: 100)
    }
}
