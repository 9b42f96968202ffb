class Colour(private val name: String) { fun paint(x: Int) = name + x }
class Palette {
    private val colours = HashMap<String, Colour>()
    operator fun get(name: String): Colour = colours.getOrPut(name) { Colour(name) }
}
class Painter(private val palette: Palette) {
    fun draw() = palette["red"].paint(1) + palette["blue"].paint(2)
}
