package aldera;
import java.util.*;
interface Settings { String colour(); int width(String screen); }
class Fixed implements Settings { public String colour() { return "blue"; } public int width(String screen) { return 3; } }
class Store { String get(String key) { return key; } int number(String key, String screen) { return key.length(); } }
class Stored implements Settings {
    private final Store store;
    Stored(Store store) { this.store = store; }
    public String colour() { return store.get("colour"); }
    public int width(String screen) { return store.number("screen.size", screen); }
}
class Board { private final Settings settings; Board(Settings s) { settings = s; } void show() { System.out.println(settings.colour() + settings.width("a")); } }
