class Kind(val name: String)

class Kinds {
    private val kinds = mutableMapOf<String, Kind>()

    fun kind(name: String): Kind = kinds.getOrPut(name) { Kind(name) }
}

class Survey {
    fun count(kinds: Kinds) = kinds.kind("gull").name.length
}
