interface Loaf { int grams(); }
class Rye implements Loaf { final int g; Rye(int g) { this.g = g; } public int grams() { return g; } }
class Wheat implements Loaf { public int grams() { return 500; } }
class BakeryFactory { Loaf make(String size) { switch (size) { case "big": return new Rye(1000); default: return new Rye(400); } } }
class Eater { int eat(BakeryFactory f) { return f.make("big").grams(); } }
