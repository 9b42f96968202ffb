package print;

public final class Letter {
    private final char face;
    private final int width;

    Letter(char face, int width) {
        this.face = face;
        this.width = width;
    }

    public int width() {
        return width;
    }

    public String at(int x, int y) {
        return face + "@" + x + "," + y;
    }
}
