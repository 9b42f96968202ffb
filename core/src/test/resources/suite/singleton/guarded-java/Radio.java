class Radio implements Cloneable {
    private static Radio one;
    private int channel;
    Radio() { }
    public static synchronized Radio radio() {
        if (one == null) one = new Radio();
        return one;
    }
    void tune(int to) { channel = to; }
    @Override public Radio clone() throws CloneNotSupportedException { return (Radio) super.clone(); }
}
class Watch { void begin() { Radio.radio().tune(16); } }
class Spare { Radio second() { return new Radio(); } }
