package aldera

interface Craft {
    fun pull(tons: Double): Boolean
}

class HarbourTug : Craft {
    override fun pull(tons: Double) = tons < 4000
}

class SeaTug : Craft {
    override fun pull(tons: Double) = tons < 90000
}

class TugDesk {
    private val out = mutableListOf<Craft>()

    fun send(kind: String, tons: Double): Boolean {
        val craft: Craft = when (kind) {
            "harbour" -> HarbourTug()
            "sea" -> SeaTug()
            else -> throw IllegalArgumentException(kind)
        }
        out += craft
        return craft.pull(tons)
    }
}
