package cinema

class Screen { fun lower() = println("screen down"); fun raise() = println("screen up") }

class Beamer {
    var on = false
        private set

    fun start() { on = true }
    fun stop() { on = false }
    fun input(name: String) = println("beamer shows $name")
}

class Lights(private val rooms: List<String>) {
    fun dim(percent: Int) = rooms.forEach { println("$it $percent%") }
}

class Amplifier {
    private var volume = 0
    fun volume(level: Int) { volume = level }
    fun off() { volume = 0 }
}
