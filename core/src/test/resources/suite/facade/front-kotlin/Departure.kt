class Ropes {
    private var loose = false

    fun cast() {
        loose = true
    }
}

class Engines {
    private var turns = 0

    fun start() {
        turns = 90
    }
}

class Departure {
    private val ropes = Ropes()
    private val engines = Engines()

    fun go() {
        engines.start()
        ropes.cast()
    }
}

class Captain(private val departure: Departure) {
    fun leave() = departure.go()
}
