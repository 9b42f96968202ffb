package lift

sealed class DoorState {
    abstract fun button(): DoorState
    abstract fun timeout(): DoorState

    object Open : DoorState() {
        override fun button() = this
        override fun timeout() = Closed
    }

    object Closed : DoorState() {
        override fun button() = Open
        override fun timeout() = Locked
    }

    object Locked : DoorState() {
        override fun button(): DoorState = this
        override fun timeout(): DoorState = this
    }
}

class Door {
    private var state: DoorState = DoorState.Closed

    fun button() {
        state = state.button()
    }

    fun timeout() {
        state = state.timeout()
    }
}
