package lock;

class High implements Level {
    @Override
    public void fill(Chamber chamber) {
    }

    @Override
    public void empty(Chamber chamber) {
        chamber.become(new Low(), 2);
    }
}
