package lock

sealed interface LockState {
    fun next(signal: Signal): LockState
    val light: String

    object Empty : LockState {
        override fun next(signal: Signal) = if (signal == Signal.FILL) Filling(0) else this
        override val light = "red"
    }

    data class Filling(val level: Int) : LockState {
        override fun next(signal: Signal): LockState = when (signal) {
            Signal.TICK -> if (level >= 3) Full else copy(level = level + 1)
            Signal.STOP -> Empty
            else -> this
        }
        override val light = "amber"
    }

    object Full : LockState {
        override fun next(signal: Signal) = if (signal == Signal.STOP) Empty else this
        override val light = "green"
    }
}

enum class Signal { FILL, TICK, STOP }

class Lock {
    private var state: LockState = LockState.Empty

    fun signal(signal: Signal) {
        state = state.next(signal)
    }

    fun light() = state.light
}
