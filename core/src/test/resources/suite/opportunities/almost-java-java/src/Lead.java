package aldera;

public class Lead implements DepthSource {
    private double last;

    @Override
    public double metres() {
        return last * 1.8;
    }

    @Override
    public boolean ready() {
        return last > 0;
    }
}
