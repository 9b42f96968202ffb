interface Hub {
    fun pressed(button: Button)
}

class Button(private val hub: Hub, val name: String) {
    fun press() = hub.pressed(this)
}

class Desk : Hub {
    private val first = Button(this, "open")
    private val second = Button(this, "close")
    private var shut = true

    override fun pressed(button: Button) {
        shut = button === second
    }

    fun both() {
        first.press()
        second.press()
    }
}

fun main() {
    Desk().both()
}
