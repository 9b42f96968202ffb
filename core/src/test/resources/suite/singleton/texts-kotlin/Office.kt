package aldera.office

class HarbourOffice private constructor() {
    private val visitors = mutableListOf<String>()

    fun greet(name: String): String {
        visitors += name
        return "good day, $name"
    }

    fun count() = visitors.size

    companion object {
        @Volatile
        private var only: HarbourOffice? = null

        fun get(): HarbourOffice = only ?: synchronized(this) {
            only ?: HarbourOffice().also { only = it }
        }
    }
}

fun main() {
    println(HarbourOffice.get().greet("Paz"))
    println(HarbourOffice.get().count())
}
