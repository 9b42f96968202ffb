interface Horn {
    fun blow(seconds: Int)
    val loud: Boolean
}

class SteamHorn : Horn {
    private var steam = 40

    override fun blow(seconds: Int) {
        steam -= seconds
    }

    override val loud get() = steam > 0
}

object Silent : Horn {
    override fun blow(seconds: Int) = Unit
    override val loud = false
}

class Ferry(private val horn: Horn = Silent) {
    fun leave() {
        horn.blow(3)
        println(if (horn.loud) "heard" else "unheard")
    }
}

fun main() {
    Ferry().leave()
    Ferry(SteamHorn()).leave()
}
