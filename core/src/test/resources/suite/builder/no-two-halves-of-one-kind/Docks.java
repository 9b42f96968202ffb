interface Docks {
    void flood();
    void drain();
    Dock upper();
    Dock lower();
}

class Dock {
    private int level;

    void rise(int by) {
        level += by;
    }

    int level() {
        return level;
    }
}

class TwinDocks implements Docks {
    private final Dock upper = new Dock();
    private final Dock lower = new Dock();

    @Override
    public void flood() {
        upper.rise(3);
        lower.rise(3);
    }

    @Override
    public void drain() {
        upper.rise(-3);
        lower.rise(-3);
    }

    @Override
    public Dock upper() {
        return upper;
    }

    @Override
    public Dock lower() {
        return lower;
    }
}

class Master {
    private final Docks docks;

    Master(Docks docks) {
        this.docks = docks;
    }

    int work() {
        docks.flood();
        docks.drain();
        return docks.upper().level() + docks.lower().level();
    }
}
