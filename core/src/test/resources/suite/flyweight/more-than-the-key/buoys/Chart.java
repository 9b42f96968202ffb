package buoys;

public class Chart {
    private final BuoyStore store = new BuoyStore();

    public int depths() {
        return store.buoy("red", 4).depth() + store.buoy("red", 9).depth();
    }
}
