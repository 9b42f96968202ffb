import java.util.*;
abstract class Item { abstract void air(); boolean dry() { return true; } }
class Rope extends Item { void air() { System.out.println("rope"); } }
class Locker extends Item {
    private final List<Rope> ropes = new ArrayList<>();
    void put(Rope r) { ropes.add(r); }
    void air() { for (Rope r : ropes) { if (r.dry()) { continue; } r.air(); } }
}
class Bosun { void spring(Item i) { i.air(); if (i instanceof Locker) { System.out.println("locker"); } if (i instanceof Rope) { System.out.println("r"); } } }
