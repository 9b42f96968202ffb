class Glyph(private val sign: Char, private val width: Int) { fun paint(x: Int) = println("$sign@$x/$width") }
class Glyphs {
    private val kept = HashMap<Char, Glyph>()
    fun of(sign: Char): Glyph {
        kept[sign]?.let { return it }
        val fresh = Glyph(sign, 7)
        kept[sign] = fresh
        return fresh
    }
}
