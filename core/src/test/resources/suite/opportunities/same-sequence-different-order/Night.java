package aldera;

class Night {
    private final Pump pump = new Pump();
    private final Gate gate = new Gate();
    private final Bell bell = new Bell();

    void close() {
        pump.halt();
        gate.lower();
        bell.ring();
    }
}
