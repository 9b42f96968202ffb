package aldera.stock;
import java.util.List;
public interface Courier { void take(List<Item> items); }
class BoatCourier implements Courier { private int trips; @Override public void take(List<Item> items) { trips += 1 + items.size() / 40; } }
class BikeCourier implements Courier { private int grams; @Override public void take(List<Item> items) { for (Item item : items) grams += item.grams(); } }
