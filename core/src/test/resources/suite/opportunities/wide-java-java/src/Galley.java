package aldera;

public class Galley implements Crew {
    private int meals;

    @Override
    public void moor() {
        throw new UnsupportedOperationException();
    }

    @Override
    public void load() {
    }

    @Override
    public void cook() {
        meals++;
    }

    @Override
    public void paint() {
    }
}
