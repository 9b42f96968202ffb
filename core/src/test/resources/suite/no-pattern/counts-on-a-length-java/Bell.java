package aldera;

public class Bell {
    private final Gate gate;
    private int rung;

    public Bell(Gate gate) {
        this.gate = gate;
    }

    public void ring(long now) {
        if (!gate.tooSoon(now)) {
            rung++;
        }
    }
}
