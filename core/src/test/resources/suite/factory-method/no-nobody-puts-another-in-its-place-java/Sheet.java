package aldera.paper;

import java.util.ArrayList;
import java.util.List;

public abstract class Sheet {
    private final List<Mark> marks = new ArrayList<>();

    protected Mark stamp(String text) {
        Mark mark = new Stamp(text);
        marks.add(mark);
        return mark;
    }

    public abstract String head();

    public int count() {
        return marks.size();
    }
}
