class Chart {
    private String lane = "";
    private int depth;
    private final int seen = 3;

    void move(String lane, int depth) {
        this.lane = lane;
        this.depth = depth;
    }

    String lane() {
        return lane;
    }

    Snapshot save() {
        return new Snapshot(this);
    }

    void restore(Snapshot snapshot) {
        lane = snapshot.lane;
        depth = snapshot.depth;
    }

    static final class Snapshot {
        private final String lane;
        private final int depth;

        private Snapshot(Chart chart) {
            this.lane = chart.lane();
            this.depth = chart.depth;
        }
    }
}

class Log {
    private Chart.Snapshot kept;

    void keep(Chart chart) {
        kept = chart.save();
    }

    void back(Chart chart) {
        chart.restore(kept);
    }
}
