package aldera.stock;
import java.util.*;
public class Order {
  private OrderStep step = new Open();
  private final List<String> codes;
  private final List<Item> picked = new ArrayList<>();
  public Order(List<String> codes) { this.codes = List.copyOf(codes); }
  public void pick(Shelf shelf) { step = step.pick(this, shelf); }
  public void send(Courier courier) { step = step.send(this, courier); }
  public String describe() { return step.name() + " " + picked.size() + "/" + codes.size(); }
  List<String> codes() { return codes; }
  List<Item> picked() { return picked; }
}
interface OrderStep {
  String name();
  default OrderStep pick(Order order, Shelf shelf) { throw new IllegalStateException(name()); }
  default OrderStep send(Order order, Courier courier) { throw new IllegalStateException(name()); }
}
class Open implements OrderStep {
  public String name() { return "open"; }
  @Override public OrderStep pick(Order order, Shelf shelf) {
    for (String code : order.codes()) shelf.take(code).ifPresent(order.picked()::add);
    return order.picked().size() == order.codes().size() ? new Picked() : this;
  }
}
class Picked implements OrderStep {
  public String name() { return "picked"; }
  @Override public OrderStep send(Order order, Courier courier) { courier.take(order.picked()); return new Sent(); }
}
class Sent implements OrderStep {
  public String name() { return "sent"; }
}
