import java.util.*;
class Crane { private int height; void up(int by) { height += by; } void down(int by) { height -= by; } }
interface Order { void carryOut(); void takeBack(); }
class Lift implements Order {
    private final Crane crane; private final int by;
    Lift(Crane crane, int by) { this.crane = crane; this.by = by; }
    public void carryOut() { crane.up(by); }
    public void takeBack() { crane.down(by); }
}
class Lower implements Order {
    private final Crane crane; private final int by;
    Lower(Crane crane, int by) { this.crane = crane; this.by = by; }
    public void carryOut() { crane.down(by); }
    public void takeBack() { crane.up(by); }
}
class Desk {
    private final Deque<Order> done = new ArrayDeque<>();
    void give(Order o) { o.carryOut(); done.push(o); }
    void undo() { if (!done.isEmpty()) done.pop().takeBack(); }
}
class Shift { void work(Desk d, Crane c) { d.give(new Lift(c, 3)); d.give(new Lower(c, 2)); d.undo(); } }
