package aldera.wind
interface WindSource { fun knots(): Double; fun degrees(): Int; fun reset() }
class MastVane : WindSource { private var n = 0; override fun knots() = 3.0 + n; override fun degrees() = 90; override fun reset() { n = 0 } }
class BuoyVane { private var k = 2; fun knots(): Double = k * 1.0; fun heading(): Int = 45; fun clear() { k = 0 } }
class Tower(private val source: WindSource) { fun gale() = source.knots() > 34 }
class Scout { fun look(vane: BuoyVane): Double { vane.clear(); return vane.knots() } }
fun main() { Tower(MastVane()).gale(); Scout().look(BuoyVane()) }
