package harbour;

public class Keeper {
    public int work() {
        Valve valve = new Valve();
        valve.turn();
        return valve.flow();
    }
}
