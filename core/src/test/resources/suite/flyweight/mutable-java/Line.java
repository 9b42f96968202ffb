package print;

public class Line {
    private final Glyphs glyphs;

    public Line(Glyphs glyphs) {
        this.glyphs = glyphs;
    }

    public String set(String text) {
        StringBuilder drawn = new StringBuilder();
        for (int i = 0; i < text.length(); i++) {
            Glyph glyph = glyphs.of(text.charAt(i));
            glyph.moveTo(i);
            drawn.append(glyph.draw());
        }
        return drawn.toString();
    }
}
