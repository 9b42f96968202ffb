interface Boat {
    fun launch(text: String): List<String>
}

class Tug : Boat {
    override fun launch(text: String) = text.split(",")
}

class Ferry : Boat {
    override fun launch(text: String) = text.split("\n")
}

object Yard {
    private val makers: Map<String, () -> Boat> = mapOf(
        "tug" to ::Tug,
        "ferry" to { Ferry() },
    )

    fun boatFor(kind: String): Boat =
        makers[kind]?.invoke() ?: throw IllegalArgumentException("cannot launch $kind")
}
