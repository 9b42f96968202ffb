package aldera

interface Horn {
    fun blow(seconds: Int)
    fun tuned(): Boolean
}

class SteamHorn(private var pressure: Int) : Horn {
    override fun blow(seconds: Int) {
        pressure -= seconds
        println("hooo")
    }

    override fun tuned() = pressure > 0
}

object NoHorn : Horn {
    override fun blow(seconds: Int) = Unit
    override fun tuned() = false
}

class Launch(private val horn: Horn = NoHorn) {
    fun leave() {
        horn.blow(3)
    }
}

fun main() {
    Launch().leave()
    Launch(SteamHorn(40)).leave()
}
