final class LoadAxis implements Axis {
    private final int tons;
    LoadAxis(int tons) { this.tons = tons; }
    public double toScreen(double value) { return value * 300 / tons; }
    public double lower() { return 0; }
    public double upper() { return tons; }
    public String label() { return "load in tons"; }
}
