class Glyph(private val sign: Char, private val width: Int) { fun paint(x: Int) = println("$sign@$x/$width") }
class Glyphs {
    private val kept = java.util.concurrent.ConcurrentHashMap<Char, Glyph>()
    operator fun get(sign: Char): Glyph = kept.computeIfAbsent(sign) { Glyph(it, 7) }
}
class Hull(private val glyphs: Glyphs) { fun name(text: String) = text.forEachIndexed { x, c -> glyphs[c].paint(x) } }
