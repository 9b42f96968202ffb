import java.util.ArrayList;
import java.util.List;

interface Opener {
    void opened(String chart);
    void cleared();
}

class Recent {
    private final Opener opener;
    private final List<String> charts = new ArrayList<>();

    Recent(Opener opener) {
        this.opener = opener;
    }

    void add(String chart) {
        charts.add(chart);
    }

    void drop() {
        charts.clear();
    }

    void choose(int row) {
        opener.opened(charts.get(row));
    }

    void clear() {
        opener.cleared();
    }
}

class ChartDesk implements Opener {
    private final Recent recent = new Recent(this);

    @Override
    public void opened(String chart) {
        recent.add(chart);
    }

    @Override
    public void cleared() {
        recent.drop();
    }

    Recent recent() {
        return recent;
    }
}

class Mate {
    void reopen(ChartDesk desk) {
        desk.recent().choose(0);
    }
}
