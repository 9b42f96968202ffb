class Voyage private constructor(val from: String, val to: String) {
    companion object {
        fun between(from: String, to: String): Voyage {
            require(from != to)
            return Voyage(from, to)
        }
    }
}

class Agent {
    fun book() = Voyage.between("Aldera", "Sund").to
}
