package print;

import java.util.HashMap;
import java.util.Map;

public class Glyphs {
    private final Map<Character, Glyph> pool = new HashMap<>();

    public Glyph of(char sign) {
        return pool.computeIfAbsent(sign, Glyph::new);
    }
}
