protocol FerryState {
    func load(_ ferry: Ferry)
    func cast(_ ferry: Ferry)
}

final class Moored: FerryState {
    func load(_ ferry: Ferry) { ferry.cars += 1 }
    func cast(_ ferry: Ferry) { ferry.state = Sailing() }
}

final class Sailing: FerryState {
    func load(_ ferry: Ferry) { print("too late") }
    func cast(_ ferry: Ferry) { ferry.state = Moored() }
}

final class Ferry {
    var cars = 0
    var state: FerryState = Moored()

    func load() { state.load(self) }
    func cast() { state.cast(self) }

    func lights() -> String {
        if state is Sailing {
            return "red, green, white"
        }
        return "white"
    }
}

let ferry = Ferry()
ferry.load()
ferry.cast()
print(ferry.lights())
