package aldera.yard
interface Afloat { val draught: Double }
abstract class Craft(val name: String) : Afloat
class Skiff(name: String, private val oars: List<Oar>) : Craft(name) { override val draught = 0.3; inner class Seat(val owner: Crew?) }
data class Oar(val length: Int, val maker: Maker? = null)
class Maker { lateinit var shop: Shop; val log by lazy { MakerLog() } }
class Shop
class MakerLog
class Crew { private val boats = mutableMapOf<String, Skiff>(); fun row(skiff: Skiff): Trip = Trip(skiff.draught) }
class Trip(val depth: Double)
class Guarded(private val craft: Afloat) : Afloat by craft
object Registry { private val all = mutableSetOf<Craft>(); fun enter(c: Craft) { all += c } }
fun Craft.register() = Registry.enter(this)
sealed class Event { class Launched(val craft: Craft) : Event(); object Storm : Event() }
