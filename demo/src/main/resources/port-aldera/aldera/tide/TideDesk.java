package aldera.tide;

/** Puts the gauge and those who listen to it together. */
public final class TideDesk {
    private TideDesk() {
    }

    public static TideGauge open(TideLog log) {
        TideGauge gauge = new TideGauge();
        gauge.join(log);
        gauge.join(new QuietPier());
        gauge.join(level -> System.out.println("level " + level.value()));
        return gauge;
    }

    public static TideBoard board() {
        TideBoard board = new TideBoard();
        board.show(new ProbeLevel(new PressureProbe()));
        board.show(new StaffGauge(new Metres(2.4)));
        return board;
    }
}
