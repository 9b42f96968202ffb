package aldera.manifest;

/** Grain, coal, salt. */
public class BulkLoad implements CargoItem {
    private final String what;
    private final double tonnes;

    public BulkLoad(String what, double tonnes) {
        this.what = what;
        this.tonnes = tonnes;
    }

    @Override
    public void inspect(Survey survey) {
        survey.bulk(this);
    }

    @Override
    public double tonnes() {
        return tonnes;
    }

    public String what() {
        return what;
    }
}
