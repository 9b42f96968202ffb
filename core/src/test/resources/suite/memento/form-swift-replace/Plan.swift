struct State: Equatable {
    var berth: String
    var stops: [String]
}
final class Plan {
    private(set) var state = State(berth: "", stops: [])
    func move(to: String) {
        state.berth = to
        state.stops.append(to)
    }
    func save() -> State { return state }
    func restore(from saved: State) { state = saved }
}
final class Log {
    private var past: [State] = []
    func note(_ plan: Plan) { past.append(plan.save()) }
    func undo(_ plan: Plan) {
        guard let last = past.popLast() else { return }
        plan.restore(from: last)
    }
}
