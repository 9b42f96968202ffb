class Winch {
    var turning = false
        private set

    fun start() {
        turning = true
    }

    fun stop() {
        turning = false
    }
}

class Remote {
    private val buttons = mutableMapOf<String, () -> Unit>()

    fun assign(name: String, action: () -> Unit) {
        buttons[name] = action
    }

    fun press(name: String) {
        buttons[name]?.invoke()
    }
}

fun main() {
    val winch = Winch()
    val remote = Remote()
    remote.assign("green") { winch.start() }
    remote.assign("red", winch::stop)
    remote.press("green")
}
