package aldera.stock;
import java.util.*;
public class Shelf implements Iterable<Item> {
  private final Map<String, Deque<Item>> items = new TreeMap<>();
  public void put(Item item) { items.computeIfAbsent(item.code(), code -> new ArrayDeque<>()).addLast(item); }
  public Optional<Item> take(String code) {
    Deque<Item> row = items.get(code);
    return row == null || row.isEmpty() ? Optional.empty() : Optional.of(row.removeFirst());
  }
  public int count(String code) { return items.getOrDefault(code, new ArrayDeque<>()).size(); }
  @Override public Iterator<Item> iterator() { return items.values().stream().flatMap(Collection::stream).iterator(); }
}
