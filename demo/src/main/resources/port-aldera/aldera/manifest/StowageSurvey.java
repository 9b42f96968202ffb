package aldera.manifest;

/** Checks what may lie below what. */
public class StowageSurvey implements Survey {
    private double load;

    @Override
    public void container(Container container) {
        load += container.tonnes();
    }

    @Override
    public void bulk(BulkLoad bulk) {
        load += bulk.what().equals("salt") ? bulk.tonnes() * 1.1 : bulk.tonnes();
    }

    @Override
    public void pallet(Pallet pallet) {
        load += pallet.tonnes();
    }

    public double load() {
        return load;
    }
}
