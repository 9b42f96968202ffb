package print;

public class Glyph {
    private final char sign;
    private int x;

    Glyph(char sign) {
        this.sign = sign;
    }

    public void moveTo(int x) {
        this.x = x;
    }

    public String draw() {
        return sign + "@" + x;
    }
}
