abstract class Recipe {
    private int minutes;
    public void cook() { minutes = 1; heat(); minutes++; }
    public abstract void heat();
}
class Stew extends Recipe { private int fire; public void heat() { fire = 9; } }
class Tea extends Recipe { private int fire; public void heat() { fire = 3; } @Override public void cook() { heat(); } }
class Cook { void noon(Recipe r) { r.cook(); } }
