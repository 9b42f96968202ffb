package aldera.dispatch

interface Vessel {
    fun depart(): String
}

class Tug : Vessel {
    override fun depart() = "tug away"
}

class Ferry : Vessel {
    override fun depart() = "ferry away"
}

class Barge : Vessel {
    override fun depart() = "barge away"
}

class DepartureDesk {
    private val log = mutableListOf<String>()

    fun send(code: String) {
        val vessel = when (code) {
            "TG" -> Tug()
            "FY", "CT" -> Ferry()
            else -> Barge()
        }
        log += vessel.depart()
    }

    fun lines(): List<String> = log.toList()
}

fun main() {
    val desk = DepartureDesk()
    desk.send("TG")
    println(desk.lines())
}
