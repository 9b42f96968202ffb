import java.util.*;
interface Order { int compare(String a, String b); }
class ByHour implements Order { public int compare(String a, String b) { return a.length() - b.length(); } }
class ByName implements Order { public int compare(String a, String b) { return a.compareTo(b); } }
class Board {
    private Order order;
    Board(Order order) { this.order = order; }
    void by(Order o) { order = o; }
    String first(String a, String b) { return order.compare(a, b) < 0 ? a : b; }
}
class Hall { void open() { Board b = new Board(new ByHour()); b.by(new ByName()); b.first("a", "b"); } }
