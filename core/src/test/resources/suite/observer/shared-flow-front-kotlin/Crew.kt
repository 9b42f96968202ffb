package sailing

class Skipper(private val buoy: Buoy) {
    private var worst = 0.0

    suspend fun listen() {
        buoy.swell.collect { height -> if (height > worst) worst = height }
    }
}

class Logbook(private val buoy: Buoy) {
    private val lines = mutableListOf<String>()

    suspend fun listen() {
        buoy.swell.collect { lines.add("$it m") }
    }
}
