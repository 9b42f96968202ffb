package aldera

sealed class LockState {
    abstract fun open(lock: Lock): LockState
    abstract fun close(lock: Lock): LockState
}

class Shut : LockState() {
    override fun open(lock: Lock): LockState {
        lock.log("opening")
        return Opened()
    }

    override fun close(lock: Lock) = this
}

class Opened : LockState() {
    override fun open(lock: Lock) = this

    override fun close(lock: Lock): LockState {
        lock.log("closing")
        return Shut()
    }
}

class Lock {
    private var now: LockState = Shut()
    private val lines = mutableListOf<String>()

    fun open() {
        now = now.open(this)
    }

    fun close() {
        now = now.close(this)
    }

    fun log(line: String) {
        lines += line
    }
}
