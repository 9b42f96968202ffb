protocol PartVisitor {
    associatedtype Result
    func visit(hull: Hull) -> Result
    func visit(engine: Engine) -> Result
    func visit(deck: Deck) -> Result
}
protocol Part { func accept<V: PartVisitor>(_ visitor: V) -> V.Result }
struct Hull: Part { let metres: Int; func accept<V: PartVisitor>(_ visitor: V) -> V.Result { visitor.visit(hull: self) } }
struct Engine: Part { let kw: Int; func accept<V: PartVisitor>(_ visitor: V) -> V.Result { visitor.visit(engine: self) } }
struct Deck: Part { let parts: [Part]; func accept<V: PartVisitor>(_ visitor: V) -> V.Result { visitor.visit(deck: self) } }
