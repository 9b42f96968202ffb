package aldera.tea

interface Drink {
    fun name(): String
    fun cost(): Int
}

class Tea : Drink {
    override fun name() = "tea"
    override fun cost() = 2
}

class Lemon(private val drink: Drink) : Drink {
    override fun name() = drink.name() + " with lemon"
    override fun cost() = drink.cost() + 1
}

class Rum(private val drink: Drink) : Drink {
    override fun name() = "${drink.name()} with rum"
    override fun cost() = drink.cost() + 3
}

fun main() {
    val drink: Drink = Rum(Lemon(Tea()))
    println(drink.name() + drink.cost())
}
