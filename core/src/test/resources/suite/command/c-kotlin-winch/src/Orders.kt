package aldera.winch

sealed interface Order {
    fun carryOut()
    fun takeBack()
}

class Hoist(private val winch: Winch, private val metres: Int) : Order {
    override fun carryOut() = winch.turn(metres)
    override fun takeBack() = winch.turn(-metres)
}

class Brake(private val winch: Winch) : Order {
    private var before = false
    override fun carryOut() {
        before = winch.braked
        winch.braked = true
    }

    override fun takeBack() {
        winch.braked = before
    }
}

class Alarm(private val bell: Bell) : Order {
    override fun carryOut() = bell.ring()
    override fun takeBack() = throw UnsupportedOperationException("a bell cannot be unrung")
}

class Winch {
    var braked = false
    private var metres = 0
    fun turn(by: Int) {
        metres += by
    }
}

class Bell {
    private var rung = 0
    fun ring() {
        rung++
    }
}
