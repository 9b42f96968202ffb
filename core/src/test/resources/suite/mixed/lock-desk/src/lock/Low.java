package lock;

class Low implements Level {
    @Override
    public void fill(Chamber chamber) {
        chamber.become(new High(), 7);
    }

    @Override
    public void empty(Chamber chamber) {
    }
}
