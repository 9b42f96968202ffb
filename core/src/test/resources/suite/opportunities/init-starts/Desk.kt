package harbour

class Desk {
    fun report(): String {
        val gauge = Gauge("north", "/var/north.txt")
        return gauge.name() + " " + gauge.last()
    }
}
