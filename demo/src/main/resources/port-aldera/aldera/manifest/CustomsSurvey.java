package aldera.manifest;

/** Adds up the duty. */
public class CustomsSurvey implements Survey {
    private long cents;

    @Override
    public void container(Container container) {
        cents += 12_000;
    }

    @Override
    public void bulk(BulkLoad bulk) {
        cents += Math.round(bulk.tonnes() * 310);
    }

    @Override
    public void pallet(Pallet pallet) {
        cents += pallet.crates() * 45L;
    }

    public long cents() {
        return cents;
    }
}
