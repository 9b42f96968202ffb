interface Chart { int depth(int x); }
class PaperChart implements Chart {
    private final int[] depths;
    PaperChart(String name) { depths = new int[name.length() + 100]; }
    public int depth(int x) { return depths[x]; }
}
class LazyChart implements Chart {
    private final String name; private PaperChart chart;
    LazyChart(String name) { this.name = name; }
    public int depth(int x) {
        if (chart == null) chart = new PaperChart(name);
        return chart.depth(x);
    }
}
class Table { static Chart open(String name) { return new LazyChart(name); } }
class Navigator { int sound(Chart c) { return c.depth(4); } }
