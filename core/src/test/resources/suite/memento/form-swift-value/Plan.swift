final class Plan {
    struct State { var berth = ""; var hour = 0 }
    private var state = State()
    func move(to: String) { state.berth = to; state.hour += 1 }
    func save() -> State { state }
    func restore(_ state: State) { self.state = state }
}
final class Log {
    private var past: [Plan.State] = []
    private let plan: Plan
    init(plan: Plan) { self.plan = plan }
    func note() { past.append(plan.save()) }
    func undo() { if let last = past.popLast() { plan.restore(last) } }
}
