import java.util.*;
interface Item { int weight(); }
class Bag { private final List<Item> items = new ArrayList<>(); private int sum;
  void put(Item i) { items.add(i); } int total() { sum = 0; for (Item i : items) sum += i.weight(); return sum; } }
class Stone implements Item { int w; public int weight() { return w * 2; } }
