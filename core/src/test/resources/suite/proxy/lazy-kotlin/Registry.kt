interface Registry {
    fun owner(ship: String): String
}

class FileRegistry : Registry {
    private val owners = mutableMapOf<String, String>()
    override fun owner(ship: String): String = owners[ship] ?: "none"
}

class LateRegistry : Registry {
    private val real by lazy { FileRegistry() }
    override fun owner(ship: String): String = real.owner(ship)
}

class Customs {
    fun ask(registry: Registry) = registry.owner("Ada")
}
