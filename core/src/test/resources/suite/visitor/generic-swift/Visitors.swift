struct CostVisitor: PartVisitor {
    func visit(hull: Hull) -> Int { hull.metres * 900 }
    func visit(engine: Engine) -> Int { engine.kw * 40 }
    func visit(deck: Deck) -> Int { deck.parts.map { $0.accept(self) }.reduce(0, +) }
}
struct NameVisitor: PartVisitor {
    func visit(hull: Hull) -> String { "hull" }
    func visit(engine: Engine) -> String { "engine" }
    func visit(deck: Deck) -> String { deck.parts.map { $0.accept(self) }.joined(separator: ",") }
}
func offer(_ deck: Deck) -> String { "\(deck.accept(NameVisitor())): \(deck.accept(CostVisitor()))" }
