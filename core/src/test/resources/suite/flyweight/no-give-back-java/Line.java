import java.util.*;
class Line { private int used; void use() { used++; } }
class LinePool {
    private final Deque<Line> free = new ArrayDeque<>();
    Line take() { return free.isEmpty() ? new Line() : free.pop(); }
    void give(Line l) { free.push(l); }
}
class Bosun { void moor(LinePool p) { Line l = p.take(); l.use(); p.give(l); } }
