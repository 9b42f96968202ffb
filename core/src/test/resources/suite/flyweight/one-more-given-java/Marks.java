package aldera;

import java.util.HashMap;
import java.util.Map;

public class Marks {
    private final Map<String, Mark> known = new HashMap<>();

    public Mark mark(String shape, String colour) {
        Mark mark = known.get(shape);
        if (mark == null) {
            mark = new Mark(shape, colour);
            known.put(shape, mark);
        }
        return mark;
    }
}
