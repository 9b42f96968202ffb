package lock;

interface Level {
    void raise(Chamber chamber);

    void lower(Chamber chamber);
}

final class Low implements Level {
    @Override
    public void raise(Chamber chamber) {
        chamber.pump(350);
        chamber.become(new High());
    }

    @Override
    public void lower(Chamber chamber) {
        throw new IllegalStateException("low already");
    }
}

final class High implements Level {
    @Override
    public void raise(Chamber chamber) {
        throw new IllegalStateException("high already");
    }

    @Override
    public void lower(Chamber chamber) {
        chamber.pump(-350);
        chamber.become(new Low());
    }
}
