final class Bridge {
    private final Charts charts;
    Bridge(Charts charts) { this.charts = charts; }
    String show(int x) { return charts.at(x); }
}
