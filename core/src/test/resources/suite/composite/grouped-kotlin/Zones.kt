interface Place {
    fun area(): Int
}

class Berth(private val metres: Int) : Place {
    override fun area() = metres * 20
}

class Zone : Place {
    private val places = linkedMapOf<String, Place>()

    operator fun set(name: String, place: Place) {
        places[name] = place
    }

    operator fun minusAssign(name: String) {
        places -= name
    }

    override fun area() = places.values.sumOf(Place::area)
}
