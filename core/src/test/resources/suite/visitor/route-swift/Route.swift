protocol Leg { func receive<V: LegVisitor>(_ visitor: V) -> V.Result }

protocol LegVisitor {
    associatedtype Result
    func visit(_ leg: RiverLeg) -> Result
    func visit(_ leg: SeaLeg) -> Result
}

struct RiverLeg: Leg {
    let locks: Int
    func receive<V: LegVisitor>(_ visitor: V) -> V.Result { visitor.visit(self) }
}

struct SeaLeg: Leg {
    let miles: Double
    func receive<V: LegVisitor>(_ visitor: V) -> V.Result { visitor.visit(self) }
}

struct Hours: LegVisitor {
    func visit(_ leg: RiverLeg) -> Double { Double(leg.locks) * 0.5 }
    func visit(_ leg: SeaLeg) -> Double { leg.miles / 12 }
}

struct Words: LegVisitor {
    func visit(_ leg: RiverLeg) -> String { "\(leg.locks) locks" }
    func visit(_ leg: SeaLeg) -> String { "\(leg.miles) miles" }
}
