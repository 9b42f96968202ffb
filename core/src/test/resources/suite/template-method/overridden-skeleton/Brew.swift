class Brew {
    func make() -> String { boil() + steep() + pour() }
    func boil() -> String { "boil " }
    func steep() -> String { fatalError("subclass") }
    func pour() -> String { "pour" }
}
final class Tea: Brew { override func steep() -> String { "leaves " } }
final class Coffee: Brew {
    override func steep() -> String { "grounds " }
    override func make() -> String { "grind " + super.make() }
}
func bar() -> [String] { let all: [Brew] = [Tea(), Coffee()]; return all.map { $0.make() } }
