interface Screen {
    fun draw(value: Int)
}

class Glass : Screen {
    private var pixels = 0
    override fun draw(value: Int) {
        pixels += value
    }
}

class Brass : Screen {
    private var needle = 0
    override fun draw(value: Int) {
        needle = value
    }
}

abstract class Dial(protected val screen: Screen) {
    abstract fun show()
}

class WindDial(screen: Screen) : Dial(screen) {
    override fun show() = screen.draw(9)
}

class TideDial(screen: Screen) : Dial(screen) {
    override fun show() = screen.draw(3)
}

class Cockpit {
    fun start() {
        WindDial(Glass()).show()
        TideDial(Brass()).show()
    }
}
