package aldera.lock;

/** Shows red while a gate is not fully open. */
public class TrafficLight implements GateWatcher {
    private String colour = "red";

    @Override
    public void gateMoved(LockGate gate) {
        colour = gate.opening() == 100 ? "green" : "red";
    }

    public String colour() {
        return colour;
    }
}
