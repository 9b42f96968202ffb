package aldera.scale;

public class Balance {
    private int ticks;

    public double pounds() {
        return ticks * 0.5;
    }

    public int swing() {
        return ticks % 7;
    }

    public void load(int by) {
        ticks += by;
    }
}
