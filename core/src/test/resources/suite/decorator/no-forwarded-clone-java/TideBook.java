class TideBook implements Readings {
    private PlainReadings readings = new PlainReadings();
    private int pages;
    public int count() { return pages; }
    void page(double tide) { readings.note(tide); pages++; }
    @Override public Object clone() throws CloneNotSupportedException {
        TideBook copy = (TideBook) super.clone();
        copy.readings = (PlainReadings) readings.clone();
        return copy;
    }
}
