package aldera;

class Morning {
    private final Pump pump = new Pump();
    private final Gate gate = new Gate();
    private final Bell bell = new Bell();

    void open() {
        bell.ring();
        gate.lift();
        pump.start();
    }
}
