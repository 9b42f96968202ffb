package lock;

public class OpenGate implements LockJob {
    private final Gate gate;

    public OpenGate(Gate gate) {
        this.gate = gate;
    }

    @Override
    public void run() {
        gate.open();
    }
}
