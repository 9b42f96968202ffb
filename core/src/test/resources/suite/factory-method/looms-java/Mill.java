package weaving;

public class Mill {
    private final Loom loom;

    public Mill(Loom loom) {
        this.loom = loom;
    }

    public int run() {
        return loom.weave(10).length() + loom.weave(20).length();
    }
}
