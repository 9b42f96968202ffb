package aldera.valve;

public class Panel {
    private final Valve valve = new Valve();

    public int press() {
        valve.turn();
        return valve.flow();
    }
}
