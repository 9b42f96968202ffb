package aldera;

public class Agent {
    public void announce(String ship) {
        System.out.println(Arrival.handle(ship, 4.5));
    }
}
