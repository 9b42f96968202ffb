class Glyph(val sign: Char, private val width: Int) { fun paint(x: Int) = println("$sign@$x/$width") }
class Glyphs {
    private val kept = mutableListOf<Glyph>()
    fun of(sign: Char): Glyph = kept.firstOrNull { it.sign == sign } ?: Glyph(sign, 7).also(kept::add)
}
