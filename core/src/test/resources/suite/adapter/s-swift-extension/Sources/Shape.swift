protocol Measurable {
    func length() -> Double
    func label() -> String
}

struct Rope {
    let metres: Double
    let colour: String

    func inFeet() -> Double { metres * 3.28 }
    var description: String { "rope in \(colour)" }
}

extension Rope: Measurable {
    func length() -> Double { inFeet() / 3.28 }
    func label() -> String { description.uppercased() }
}

final class Chain: Measurable {
    private let links: Int
    init(links: Int) { self.links = links }
    func length() -> Double { Double(links) * 0.04 }
    func label() -> String { "chain" }
}
