interface Engine {
    fun power(): Int
}

class Diesel : Engine {
    override fun power() = 400
}

class Steam : Engine {
    override fun power() = 200
}

class Engines {
    fun of(kind: String): Engine = when (kind) {
        "diesel" -> Diesel()
        "steam" -> Steam()
        else -> throw IllegalArgumentException(kind)
    }
}

class Yard {
    fun fit(engines: Engines) = engines.of("diesel").power()
}
