interface Tariff { fun dues(tons: Int): Int }
class Flat : Tariff { override fun dues(tons: Int) = 90 }
class PerTon : Tariff { override fun dues(tons: Int) = 3 * tons }
abstract class Desk {
    abstract val tariff: Tariff
    fun charge(tons: Int) = tariff.dues(tons) + 5
}
class Quay(override val tariff: Tariff) : Desk()
fun run() = Quay(Flat()).charge(4) + Quay(PerTon()).charge(2)
