package port
data class State(val berth: String = "", val hour: Int = 0)
class Plan {
    private var state = State()
    fun move(to: String) { state = state.copy(berth = to, hour = state.hour + 1) }
    fun save(): State = state
    fun restore(state: State) { this.state = state }
}
class Log(private val plan: Plan) {
    private val past = ArrayDeque<State>()
    fun note() { past.addLast(plan.save()) }
    fun undo() { past.removeLastOrNull()?.let { plan.restore(it) } }
}
