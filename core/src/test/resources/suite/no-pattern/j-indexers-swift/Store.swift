final class Colour { let name: String; init(name: String) { self.name = name }; func paint(_ x: Int) -> String { "\(name)\(x)" } }
final class Palette {
    private var colours: [String: Colour] = [:]
    subscript(name: String) -> Colour {
        if let colour = colours[name] { return colour }
        let colour = Colour(name: name)
        colours[name] = colour
        return colour
    }
}
final class Painter {
    private let palette = Palette()
    func draw() -> String { palette["red"].paint(1) + palette["blue"].paint(2) }
}
