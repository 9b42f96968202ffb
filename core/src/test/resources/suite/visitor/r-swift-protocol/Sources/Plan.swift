protocol PlanVisitor {
    associatedtype Result
    func visit(_ scan: Scan) -> Result
    func visit(_ join: Join) -> Result
    func visit(_ sort: Sort) -> Result
}

protocol Plan {
    func accept<V: PlanVisitor>(_ visitor: V) -> V.Result
}

struct Scan: Plan {
    let table: String
    func accept<V: PlanVisitor>(_ visitor: V) -> V.Result { visitor.visit(self) }
}

final class Join: Plan {
    let left: Plan
    let right: Plan
    init(left: Plan, right: Plan) { self.left = left; self.right = right }
    func accept<V: PlanVisitor>(_ visitor: V) -> V.Result { visitor.visit(self) }
}

final class Sort: Plan {
    let input: Plan
    let key: String
    init(input: Plan, key: String) { self.input = input; self.key = key }
    func accept<V: PlanVisitor>(_ visitor: V) -> V.Result { visitor.visit(self) }
}
