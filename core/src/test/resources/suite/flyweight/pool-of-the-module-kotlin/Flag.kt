package flags

private val pool = HashMap<String, Flag>()

class Flag private constructor(val name: String) {
    companion object {
        fun of(name: String): Flag = pool.getOrPut(name) { Flag(name) }
    }
}
