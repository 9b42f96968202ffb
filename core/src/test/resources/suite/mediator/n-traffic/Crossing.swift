protocol Crossing: AnyObject {
    func arrived(_ light: Light)
}

class Light {
    weak var crossing: Crossing?
    private(set) var green = false

    func carArrives() { crossing?.arrived(self) }
    func go() { green = true }
    func halt() { green = false }
}

final class TramLight: Light {
    override func go() {
        super.go()
        bell()
    }

    private func bell() { print("ding") }
}

final class Junction: Crossing {
    private let north: Light
    private let east: Light
    private let tram: TramLight

    init(north: Light, east: Light, tram: TramLight) {
        self.north = north
        self.east = east
        self.tram = tram
        [north, east, tram].forEach { $0.crossing = self }
    }

    func arrived(_ light: Light) {
        north.halt()
        east.halt()
        tram.halt()
        light.go()
    }
}
