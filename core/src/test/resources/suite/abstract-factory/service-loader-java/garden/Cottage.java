package garden;

public class Cottage implements Style {
    @Override
    public Bench bench() {
        return new OakBench();
    }

    @Override
    public Fountain fountain() {
        return new BirdBath();
    }
}
