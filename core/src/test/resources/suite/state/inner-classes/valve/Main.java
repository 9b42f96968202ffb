package valve;

public class Main {
    public static void main(String[] args) {
        Valve valve = new Valve();
        valve.turn();
        System.out.println(valve.lets());
    }
}
