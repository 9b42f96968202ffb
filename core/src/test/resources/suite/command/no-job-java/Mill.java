interface Grind { int turn(int grain); }
class Coarse implements Grind { public int turn(int g) { return g / 2; } }
class Fine implements Grind { public int turn(int g) { return g / 3; } }
class Mill { private Grind grind; Mill(Grind g) { grind = g; } int run(int grain) { return grind.turn(grain) + 1; } }
class Baker { int day() { return new Mill(new Coarse()).run(9) + new Mill(new Fine()).run(9); } }
