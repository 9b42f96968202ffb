interface Toll { fun of(tons: Double): Double }
class Fixed(private val p: Double) : Toll { override fun of(tons: Double) = p }
class PerTon(private val p: Double) : Toll { override fun of(tons: Double) = p * tons }
enum class Freight { BULK, BOX; fun toll(): Toll = when (this) { BULK -> PerTon(1.2); BOX -> Fixed(4.0) } }
fun main() { println(Freight.valueOf("BULK").toll().of(3.0)) }
