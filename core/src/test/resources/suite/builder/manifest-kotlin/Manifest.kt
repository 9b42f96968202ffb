class Manifest internal constructor(val ship: String, val lines: List<Line>, val dangerous: Boolean)

data class Line(val goods: String, val tons: Int)

class ManifestBuilder(private val ship: String) {
    private val lines = mutableListOf<Line>()
    private var dangerous = false

    fun line(goods: String, tons: Int) {
        lines += Line(goods, tons)
    }

    fun dangerous() {
        dangerous = true
    }

    fun build(): Manifest {
        require(lines.isNotEmpty()) { "a manifest needs a line" }
        return Manifest(ship, lines.toList(), dangerous)
    }
}

fun manifest(ship: String, fill: ManifestBuilder.() -> Unit): Manifest = ManifestBuilder(ship).apply(fill).build()
