package aldera

class Glyph internal constructor(val sign: Char, val strokes: Int)

object Glyphs {
    private val known = HashMap<Char, Glyph>()

    fun of(sign: Char): Glyph = known.getOrPut(sign) { Glyph(sign, sign.code % 7) }
}

class Plate(private val text: String) {
    fun strokes(): Int = text.map(Glyphs::of).sumOf { it.strokes }
}
