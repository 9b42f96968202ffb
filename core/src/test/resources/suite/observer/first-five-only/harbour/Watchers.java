package harbour;

class Bell implements Gauge.Watcher {
    private int rung;

    @Override
    public void level(double metres) {
        if (metres > 4) {
            rung++;
        }
    }
}

class TideLog implements Gauge.Watcher {
    private final StringBuilder text = new StringBuilder();

    @Override
    public void level(double metres) {
        text.append(metres).append('\n');
    }
}
