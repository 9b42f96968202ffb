import java.util.*;
interface Order { void carryOut(); }
class Crane { int at; void lift() { at++; } void lower() { at--; } }
class Lift implements Order { private final Crane crane; Lift(Crane crane) { this.crane = crane; } public void carryOut() { crane.lift(); } }
class Lower implements Order { private final Crane crane; Lower(Crane crane) { this.crane = crane; } public void carryOut() { crane.lower(); } }
class Office {
    private final java.util.concurrent.BlockingQueue<Order> waiting = new java.util.concurrent.LinkedBlockingQueue<>();
    void accept(Order order) { waiting.add(order); }
    void work() throws Exception {
        List<Order> all = new ArrayList<>(); waiting.drainTo(all); for (Order next : all) { next.carryOut(); }
    }
}
class Foreman { void plan(Office office, Crane crane) { office.accept(new Lift(crane)); office.accept(new Lower(crane)); } }
