package aldera;

public class Lamp implements SluiceListener {
    private boolean lit;

    private void putLit(boolean to) {
        this.lit = to;
    }

    @Override
    public void opened() {
        putLit(true);
    }
}
