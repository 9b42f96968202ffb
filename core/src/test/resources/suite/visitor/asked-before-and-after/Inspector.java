package aldera.manifest;

public interface Inspector {
    boolean enter(Cargo cargo);

    void leave(Cargo cargo);
}

class Depth implements Inspector {
    private int now;
    private int most;

    @Override
    public boolean enter(Cargo cargo) {
        now++;
        most = Math.max(most, now);
        return true;
    }

    @Override
    public void leave(Cargo cargo) {
        now--;
    }

    int most() {
        return most;
    }
}

class Count implements Inspector {
    private int seen;

    @Override
    public boolean enter(Cargo cargo) {
        seen++;
        return seen < 100;
    }

    @Override
    public void leave(Cargo cargo) {
        if (cargo instanceof Box) {
            seen += 0;
        }
    }
}
