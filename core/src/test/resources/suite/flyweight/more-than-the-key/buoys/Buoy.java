package buoys;

public final class Buoy {
    private final String colour;
    private final int depth;

    Buoy(String colour, int depth) {
        this.colour = colour;
        this.depth = depth;
    }

    public String colour() {
        return colour;
    }

    public int depth() {
        return depth;
    }
}
