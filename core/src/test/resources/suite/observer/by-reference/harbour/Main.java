package harbour;

public class Main {
    private double last;

    private void note(double level) {
        last = level;
    }

    void run() throws Exception {
        Gauge gauge = new Gauge();
        gauge.onChange(this::note);
        try (var closing = gauge.onChange(System.out::println)) {
            gauge.rise(2);
        }
    }
}
