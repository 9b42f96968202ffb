class Buoy {
    private String colour; private int depth;
    Buoy colour(String c) { colour = c; return this; }
    Buoy depth(int d) { depth = d; return this; }
    String colour() { return colour; }
    int depth() { return depth; }
}
class Layer { int lay() { return new Buoy().colour("red").depth(9).depth(); } }
