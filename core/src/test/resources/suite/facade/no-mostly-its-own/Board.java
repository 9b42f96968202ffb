package aldera.board;

import java.util.ArrayList;
import java.util.List;

public class Board {
    private final Sheet sheet = new Sheet();
    private final Lamp lamp = new Lamp();
    private final List<String> names = new ArrayList<>();
    private int first;

    public void show() {
        sheet.draw(names.get(first));
        lamp.light();
    }

    public void add(String name) {
        names.add(name);
    }

    public void next() {
        first = (first + 1) % names.size();
    }

    public boolean has(String name) {
        return names.contains(name);
    }
}

class Sheet {
    private int drawn;

    void draw(String text) {
        drawn += text.length();
    }
}

class Lamp {
    private int lit;

    void light() {
        lit++;
    }
}
