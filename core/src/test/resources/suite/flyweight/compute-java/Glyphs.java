import java.util.HashMap;
import java.util.Map;

final class Glyph {
    private final char sign;
    private final int width;
    Glyph(char sign, int width) { this.sign = sign; this.width = width; }
    void paint(int x) { System.out.println(sign + "@" + x + "/" + width); }
}
final class Glyphs {
    private final Map<Character, Glyph> kept = new HashMap<>();
    Glyph of(char sign) { return kept.compute(sign, (s, old) -> old == null ? new Glyph(s, 7) : old); }
}
