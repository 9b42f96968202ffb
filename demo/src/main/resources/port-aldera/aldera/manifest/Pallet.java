package aldera.manifest;

/** Crates on a pallet. */
public class Pallet implements CargoItem {
    private int crates = 12;

    @Override
    public void inspect(Survey survey) {
        survey.pallet(this);
    }

    @Override
    public double tonnes() {
        return crates * 0.06;
    }

    public int crates() {
        return crates;
    }
}
