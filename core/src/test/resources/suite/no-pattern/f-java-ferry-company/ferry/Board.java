package aldera.ferry;

import java.util.Map;
import java.util.TreeMap;

/** The board in the waiting hall. */
public class Board implements FerryFollower {
    private final Map<String, String> rows = new TreeMap<>();

    @Override
    public void moved(String ferry, String where) {
        rows.put(ferry, where);
    }

    public String show() {
        StringBuilder text = new StringBuilder();
        rows.forEach((ferry, where) -> text.append(ferry).append(": ").append(where).append('\n'));
        return text.toString();
    }
}
