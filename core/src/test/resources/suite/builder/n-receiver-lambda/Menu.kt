package inn

class Menu internal constructor(val title: String, val dishes: List<Dish>)

class Dish(val name: String, val cents: Int)

class MenuBuilder {
    var title = "Menu"
    private val dishes = mutableListOf<Dish>()

    fun dish(name: String, cents: Int) {
        dishes += Dish(name, cents)
    }

    fun soup(name: String) = dish("$name soup", 450)

    fun build(): Menu {
        require(dishes.isNotEmpty()) { "a menu has dishes" }
        return Menu(title, dishes.toList())
    }
}

fun menu(block: MenuBuilder.() -> Unit): Menu = MenuBuilder().apply(block).build()
