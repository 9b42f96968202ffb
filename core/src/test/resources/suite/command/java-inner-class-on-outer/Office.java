import java.util.ArrayList;
import java.util.List;
interface Order { void carryOut(); }
class OrderBook {
    private final List<Order> waiting = new ArrayList<>();
    void note(Order order) { waiting.add(order); }
    void runAll() {
        for (Order order : waiting) {
            order.carryOut();
        }
        waiting.clear();
    }
}
class Lock {
    private int level;
    class Fill implements Order {
        public void carryOut() { level += 2; report(); }
    }
    class Drain implements Order {
        public void carryOut() { level -= 2; report(); }
    }
    void report() { System.out.println(level); }
    void plan(OrderBook book) {
        book.note(new Fill());
        book.note(new Drain());
    }
}
