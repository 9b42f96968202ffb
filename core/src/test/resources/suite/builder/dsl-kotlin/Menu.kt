package inn

class Menu internal constructor(val title: String, val dishes: List<String>, val wine: Boolean)

class MenuBuilder {
    private var title = ""
    private val dishes = mutableListOf<String>()
    private var wine = false

    fun title(text: String) {
        title = text
    }

    fun dish(name: String) {
        dishes += name
    }

    fun wine() {
        wine = true
    }

    fun build(): Menu {
        require(dishes.isNotEmpty()) { "a menu has dishes" }
        return Menu(title, dishes.toList(), wine)
    }
}

fun menu(block: MenuBuilder.() -> Unit): Menu = MenuBuilder().apply(block).build()
