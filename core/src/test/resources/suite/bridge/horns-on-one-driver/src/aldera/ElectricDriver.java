package aldera;

public class ElectricDriver implements SoundDriver {
    private boolean current;

    @Override
    public void press() {
        current = true;
    }

    @Override
    public void release() {
        current = false;
    }
}
