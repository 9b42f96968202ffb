package lock;

interface Move {
    void make();

    void unmake();
}

record RaiseMove(Chamber chamber) implements Move {
    public void make() {
        chamber.raise();
    }

    public void unmake() {
        chamber.lower();
    }
}

record LowerMove(Chamber chamber) implements Move {
    public void make() {
        chamber.lower();
    }

    public void unmake() {
        // water cannot be put back
    }
}
