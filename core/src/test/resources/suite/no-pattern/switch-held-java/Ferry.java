package crossing;

public class Ferry {
    private final ThreadLocal<Boolean> guard = ThreadLocal.withInitial(() -> false);
    private boolean loaded;
    private boolean moored;
    private int crossings;

    public void cross() {
        if (guard.get()) {
            return;
        }
        guard.set(true);
        if (loaded) {
            crossings += 2;
        }
        if (moored) {
            crossings++;
        }
        guard.set(false);
    }

    public void load(boolean on) {
        loaded = on;
    }

    public void moor(boolean on) {
        moored = on;
    }
}
