package editor;

import java.util.ArrayList;
import java.util.List;

public class Canvas {
    private final List<String> shapes = new ArrayList<>();

    public void add(String shape) {
        shapes.add(shape);
    }

    public void drop(String shape) {
        shapes.remove(shape);
    }

    public int count() {
        return shapes.size();
    }
}
