package aldera;

import java.util.ArrayList;
import java.util.List;

public class SeaChart {
    private final Marks marks = new Marks();
    private final List<String> drawn = new ArrayList<>();

    public void buoy(int x, int y) {
        drawn.add(marks.mark("buoy", x > 9 ? "red" : "green").drawAt(x, y));
    }
}
