package aldera.stock;
import java.util.List;
public class Warehouse {
  private final Shelf shelf = new Shelf();
  private final Courier courier;
  public Warehouse(Courier courier) { this.courier = courier; }
  public void receive(String code, int grams) { shelf.put(new Item(code, grams)); }
  public String fulfil(List<String> codes) {
    Order order = new Order(codes);
    order.pick(shelf);
    order.send(courier);
    return order.describe();
  }
  public int weight() { int sum = 0; for (Item item : shelf) sum += item.grams(); return sum; }
  public static void main(String[] args) {
    Warehouse w = new Warehouse(args.length > 0 ? new BikeCourier() : new BoatCourier());
    w.receive("rope", 900);
    System.out.println(w.fulfil(List.of("rope")));
  }
}
