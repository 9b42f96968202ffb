package aldera.vessels;

class Barge implements Vessel {
    @Override
    public int dues() {
        return 40;
    }
}
