class Gas implements Lamp {
    private final int jets;
    Gas(int jets) { this.jets = jets; }
    public int light(int hour) { return hour > 6 ? 0 : jets; }
}
