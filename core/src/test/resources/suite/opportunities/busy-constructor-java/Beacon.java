import java.util.*;
class Bus { private final List<Beacon> all = new ArrayList<>(); void join(Beacon b) { all.add(b); } }
class Beacon {
    private final Thread thread; private final Plain plain;
    Beacon(Bus bus) { thread = new Thread(() -> { }); thread.start(); bus.join(this); plain = new Plain("x"); }
}
class Plain {
    private final String name; private final List<String> notes = new ArrayList<>();
    Plain(String name) { if (name == null) throw new IllegalArgumentException(); this.name = Objects.requireNonNull(name); notes.add(name); }
}
