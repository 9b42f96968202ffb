package aldera;

public class DeckCrew implements Crew {
    private int work;

    @Override
    public void moor() {
        work++;
    }

    @Override
    public void load() {
        work += 2;
    }

    @Override
    public void cook() {
        throw new UnsupportedOperationException();
    }

    @Override
    public void paint() {
        work += 3;
    }
}
