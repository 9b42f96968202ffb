package aldera;

public final class Mark {
    private final String shape;
    private final String colour;

    Mark(String shape, String colour) {
        this.shape = shape;
        this.colour = colour;
    }

    public String drawAt(int x, int y) {
        return shape + colour + x + "," + y;
    }
}
