package dock;

public abstract class Loading {
    public void load() {
        check();
        for (int i = 0; i < lifts(); i++) {
            lift();
        }
        done();
    }

    public abstract int lifts();

    protected abstract void lift();

    protected void done() {
    }

    private void check() {
        if (lifts() < 1) {
            throw new IllegalStateException("nothing to load");
        }
    }
}

class Grain extends Loading {
    private int poured;

    @Override
    public int lifts() {
        return 1;
    }

    @Override
    protected void lift() {
        poured += 400;
    }
}

class Boxes extends Loading {
    private int stacked;

    @Override
    public int lifts() {
        return 12;
    }

    @Override
    protected void lift() {
        stacked++;
    }

    @Override
    public void load() {
        stacked = 0;
        super.load();
    }
}
