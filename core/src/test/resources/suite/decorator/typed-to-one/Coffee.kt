package aldera.cafe
interface Drink { fun cents(): Int; fun name(): String; fun hot(): Boolean }
class Coffee : Drink { override fun cents() = 180; override fun name() = "coffee"; override fun hot() = true }
class Water : Drink { override fun cents() = 100; override fun name() = "water"; override fun hot() = false }
class WithMilk(private val drink: Drink) : Drink {
    override fun cents() = drink.cents() + 40
    override fun name() = drink.name() + " with milk"
    override fun hot(): Boolean = throw UnsupportedOperationException("ask the drink")
}
class Doubled(private val drink: Drink) : Drink {
    override fun cents() = drink.cents() * 2
    override fun name() = "double ${drink.name()}"
    override fun hot() = drink.hot()
}
fun order(): List<Drink> = listOf(WithMilk(Coffee()), Doubled(WithMilk(Water())))
