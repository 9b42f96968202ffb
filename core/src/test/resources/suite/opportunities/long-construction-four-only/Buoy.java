package aldera;

class Buoy {
    private final String name;
    private final int x;
    private final int y;
    private boolean lit;

    Buoy(String name, int x, int y, boolean lit) {
        this.name = name;
        this.x = x;
        this.y = y;
        this.lit = lit;
    }

    void light() {
        lit = true;
    }

    String text() {
        return name + x + y + lit;
    }
}
