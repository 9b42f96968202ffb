import java.util.*;
class Shot { int row; String text; Shot(int row, String text) { this.row = row; this.text = text; } void fix(int r) { row = r; } }
class Board {
    private int row; private String text; private String colour;
    void write(String t) { text = t; row++; }
    void paint(String c) { colour = c; }
    Shot shot() { return new Shot(row, text); }
    void show(Shot s) { text = s.text; }
}
class Album {
    private final List<Shot> shots = new ArrayList<>();
    void add(Board b) { shots.add(b.shot()); }
    int rows() { int n = 0; for (Shot s : shots) n += s.row; return n; }
}
