package aldera.charter
class Charter private constructor(val boat: String, val days: Int, val extras: List<String>) {
    class Builder(private val boat: String) {
        private var days = 1
        private val extras = mutableListOf<String>()
        fun days(days: Int) = apply { this.days = days }
        fun extra(name: String) = apply { extras += name }
        fun build(): Charter {
            require(days > 0) { "no days" }
            return Charter(boat, days, extras.toList())
        }
    }
    fun summary() = "$boat $days ${extras.size}"
}
fun charter(boat: String, block: Charter.Builder.() -> Unit) = Charter.Builder(boat).apply(block).build()
class Desk { fun weekend() = Charter.Builder("Pulga").days(2).extra("skipper").build().summary() }
