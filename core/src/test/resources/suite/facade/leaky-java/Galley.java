class Stove { private int heat; void light() { heat = 9; } }
class Larder { private int tins = 4; void take() { tins--; } }
class Galley {
    private final Stove stove = new Stove(); private final Larder larder = new Larder(); private int meals;
    void cook() { larder.take(); stove.light(); meals++; }
}
class Cook { void noon(Galley g) { g.cook(); } }
class Mate { void night(Galley g, Larder l) { g.cook(); l.take(); } }
