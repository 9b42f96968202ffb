package aldera.manifest;

/** Came with the ferry line last spring; no survey knows it yet. */
public class LiveStock implements CargoItem {
    private final int heads;

    public LiveStock(int heads) {
        this.heads = heads;
    }

    @Override
    public void inspect(Survey survey) {
    }

    @Override
    public double tonnes() {
        return heads * 0.5;
    }
}
