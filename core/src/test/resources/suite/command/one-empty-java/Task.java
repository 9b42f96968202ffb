import java.util.*;
class Deck { private int clean; private String colour; void brush() { clean++; } void dirty() { clean--; } void coat(String c) { colour = c; } }
interface Task { void run(); void revert(); }
class Sweep implements Task { private final Deck deck; Sweep(Deck d) { deck = d; } public void run() { deck.brush(); } public void revert() { deck.dirty(); } }
class Paint implements Task { private final Deck deck; Paint(Deck d) { deck = d; } public void run() { deck.coat("red"); } public void revert() { } }
class List {
    private final Queue<Task> tasks = new LinkedList<>();
    void plan(Task t) { if (t instanceof Paint) { System.out.println("paint"); } tasks.add(t); }
    void work() { while (!tasks.isEmpty()) { tasks.poll().run(); } }
}
class Bosun { void morning(List l, Deck d) { l.plan(new Sweep(d)); l.plan(new Paint(d)); l.work(); } }
