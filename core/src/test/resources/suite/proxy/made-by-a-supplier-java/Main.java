final class Main {
    String go() { return new Bridge(new LateCharts(Paper::new)).show(3); }
}
