final class Bridge {
    String show(int x) { return new KeptCharts(new Paper()).at(x); }
}
