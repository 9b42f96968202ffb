package aldera.vessels;

class Liner implements Vessel {
    private int calls;

    @Override
    public int dues() {
        return 900 - calls++;
    }
}
