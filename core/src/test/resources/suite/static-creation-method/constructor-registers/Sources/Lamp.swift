final class Lamp {
    private let place: String
    private var lit = false

    private init(place: String) {
        self.place = place
        Keeper.shared.enter(self)
        light()
    }

    static func at(_ place: String) -> Lamp {
        return Lamp(place: place)
    }

    func light() { lit = true }
    func name() -> String { place }
}

final class Keeper {
    static let shared = Keeper()
    private var lamps: [Lamp] = []
    private init() {}
    func enter(_ lamp: Lamp) { lamps.append(lamp) }
}

func dusk() {
    print(Lamp.at("mole").name())
}
