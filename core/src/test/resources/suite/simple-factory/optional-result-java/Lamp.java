package aldera.signals;

final class Lamp implements Signal {
    private final int flashes;

    Lamp(int flashes) {
        this.flashes = flashes;
    }

    @Override
    public String give() {
        return "*".repeat(flashes);
    }
}
