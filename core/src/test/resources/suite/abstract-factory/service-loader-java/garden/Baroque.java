package garden;

public class Baroque implements Style {
    @Override
    public Bench bench() {
        return new StoneBench();
    }

    @Override
    public Fountain fountain() {
        return new Cascade();
    }
}
