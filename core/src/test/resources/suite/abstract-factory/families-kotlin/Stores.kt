interface Ration { fun days(): Int }
interface Water { fun litres(): Int }
class HardTack : Ration { override fun days() = 90 }
class Sandwich : Ration { override fun days() = 1 }
class Barrel : Water { override fun litres() = 200 }
class Flask : Water { override fun litres() = 1 }
interface Stores {
    fun ration(): Ration
    fun water(): Water
}
class LongHaul : Stores {
    override fun ration(): Ration = HardTack()
    override fun water(): Water = Barrel()
}
class DayTrip : Stores {
    override fun ration(): Ration = Sandwich()
    override fun water(): Water = Flask()
}
class Quartermaster(private val stores: Stores) {
    fun load() = stores.ration().days() + stores.water().litres()
}
