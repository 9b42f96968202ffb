package aldera;

public class AirDriver implements SoundDriver {
    private int bars = 8;

    @Override
    public void press() {
        bars--;
    }

    @Override
    public void release() {
        bars++;
    }

    public int bars() {
        return bars;
    }
}
