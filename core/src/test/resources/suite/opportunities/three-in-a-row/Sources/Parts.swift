final class Boom {
    func raise() { print("boom up") }
}

final class Lights {
    func turn(_ colour: String) { print(colour) }
}

final class Pump {
    private var on = false
    func start() { on = true }
}
