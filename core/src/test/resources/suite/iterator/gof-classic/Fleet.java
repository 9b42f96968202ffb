package aldera;
import java.util.*;
interface FleetIterator { void first(); void next(); boolean isDone(); String currentItem(); }
class Fleet {
  private final List<String> ships = new ArrayList<>();
  void add(String ship) { ships.add(ship); }
  int size() { return ships.size(); }
  String get(int i) { return ships.get(i); }
  FleetIterator createIterator() { return new ForwardIterator(this); }
}
class ForwardIterator implements FleetIterator {
  private final Fleet fleet;
  private int at;
  ForwardIterator(Fleet fleet) { this.fleet = fleet; }
  public void first() { at = 0; }
  public void next() { at++; }
  public boolean isDone() { return at >= fleet.size(); }
  public String currentItem() { if (isDone()) throw new NoSuchElementException(); return fleet.get(at); }
}
class Roll { void call(Fleet fleet) { FleetIterator it = fleet.createIterator(); for (it.first(); !it.isDone(); it.next()) System.out.println(it.currentItem()); } }
