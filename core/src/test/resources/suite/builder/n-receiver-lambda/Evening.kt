package inn

class Evening {
    private val card = menu {
        title = "Evening"
        soup("fish")
        dish("mussels", 1450)
    }

    fun price(): Int = card.dishes.sumOf { it.cents }
}
