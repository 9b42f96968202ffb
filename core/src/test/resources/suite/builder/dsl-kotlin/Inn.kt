package inn

class Inn {
    fun sunday(): Menu = menu {
        title("Sunday")
        dish("trout")
        dish("pears")
        wine()
    }
}
