import java.util.ArrayDeque;
import java.util.Deque;
interface Order { void carryOut(); }
class OrderQueue {
    private final Deque<Order> waiting = new ArrayDeque<>();
    void put(Order order) { waiting.add(order); }
    void runAll() {
        while (!waiting.isEmpty()) {
            waiting.poll().carryOut();
        }
    }
}
class Office {
    private final OrderQueue queue;
    private int berths = 3;
    Office(OrderQueue queue) { this.queue = queue; }
    void orderOpening() {
        queue.put(new Order() {
            @Override public void carryOut() { openBerth(); }
        });
    }
    void orderClosing() {
        queue.put(new Order() {
            @Override public void carryOut() { closeBerth(); }
        });
    }
    private void openBerth() { berths++; }
    private void closeBerth() { berths--; }
}
