package aldera

class Manifest(val ship: String, val items: List<String>)

class ManifestBuilder {
    private var ship = ""
    private val items = mutableListOf<String>()

    fun ship(name: String): ManifestBuilder {
        ship = name
        return this
    }

    fun item(name: String): ManifestBuilder {
        items.add(name)
        return this
    }

    fun build(): Manifest {
        require(ship.isNotEmpty()) { "A manifest needs a ship." }
        return Manifest(ship, items.toList())
    }
}

class Clerk {
    fun write(): Manifest = ManifestBuilder().run {
        ship("Marta")
        item("salt")
        build()
    }
}
