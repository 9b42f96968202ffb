package aldera.kit
interface Hull { fun metres(): Int }
interface Engine { fun kw(): Int }
class SteelHull : Hull { override fun metres() = 40 }
class WoodHull : Hull { override fun metres() = 9 }
class Diesel : Engine { override fun kw() = 900 }
class Outboard : Engine { override fun kw() = 20 }
interface BoatKit { fun hull(): Hull; fun engine(): Engine }
object TrawlerKit : BoatKit { override fun hull() = SteelHull(); override fun engine() = Diesel() }
class DinghyKit(private val makeEngine: () -> Engine = ::Outboard) : BoatKit { override fun hull(): Hull = WoodHull(); override fun engine(): Engine = Outboard() }
class Shipyard(private val kit: BoatKit) { fun build() = "${kit.hull().metres()} m, ${kit.engine().kw()} kW" }
fun main() { println(Shipyard(TrawlerKit).build()); println(Shipyard(DinghyKit()).build()) }
