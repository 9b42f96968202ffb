final class Desk {
    func greet(_ ship: String) -> String {
        "\(ship), flying \(ShipRegistry.shared.flag(of: ship) ?? "nothing")"
    }
}

final class Trial {
    func run() -> Bool {
        let registry = ShipRegistry()
        registry.register("Test", flag: "none")
        return registry.flag(of: "Test") != nil
    }
}
