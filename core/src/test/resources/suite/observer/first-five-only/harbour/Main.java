package harbour;

public class Main {
    public static void main(String[] arguments) {
        Gauge gauge = new Gauge();
        gauge.watch(new Bell());
        gauge.watch(new TideLog());
        gauge.rise(0.4);
    }
}
