final class TideAxis implements Axis {
    private final double top;
    TideAxis(double top) { this.top = top; }
    public double toScreen(double value) { return (value - lower()) / (top - lower()) * 400; }
    public double lower() { return -2; }
    public double upper() { return top; }
    public String label() { return "tide in metres"; }
}
