package aldera.berth

sealed interface BerthState {
    fun arrive(): BerthState
    fun leave(): BerthState
}

data object Free : BerthState {
    override fun arrive() = Taken("unknown")
    override fun leave(): BerthState = this
}

data class Taken(val ship: String) : BerthState {
    override fun arrive(): BerthState = throw IllegalStateException("taken by $ship")
    override fun leave(): BerthState = Cleaning
}

data object Cleaning : BerthState {
    override fun arrive(): BerthState = this
    override fun leave(): BerthState = Free
}

class Berth {
    private var state: BerthState = Free

    fun arrive() {
        state = state.arrive()
    }

    fun leave() {
        state = state.leave()
    }
}
