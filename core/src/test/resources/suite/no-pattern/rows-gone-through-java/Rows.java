import java.util.Iterator;
import java.util.List;

interface Row {
    int height();

    String text();
}

final class Line implements Row {
    public int height() {
        return 1;
    }

    public String text() {
        return "line";
    }
}

final class Picture implements Row {
    public int height() {
        return 9;
    }

    public String text() {
        return "picture";
    }
}

final class Page {
    private final Iterator<Row> rows;
    private Row row;
    private int y;

    Page(List<Row> all) {
        rows = all.iterator();
        row = rows.next();
    }

    void advance() {
        y += row.height();
        row = rows.next();
    }

    String text() {
        return y + row.text();
    }
}
