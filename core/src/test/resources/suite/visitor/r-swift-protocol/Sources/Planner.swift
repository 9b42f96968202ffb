final class Planner {
    func cost(of plan: Plan) -> Int { plan.accept(CostVisitor()) }
    func explain(_ plan: Plan) -> String { plan.accept(TextVisitor()) }
}
