package meter;

import java.util.ArrayList;
import java.util.List;

public final class Totals {
    private static final Totals ONE = new Totals();
    private static final List<String> NAMES = new ArrayList<>();
    private static int count;
    private static double sum;

    private Totals() {
    }

    public static Totals get() {
        return ONE;
    }

    public static void add(String name, double value) {
        NAMES.add(name);
        count++;
        sum += value;
    }

    public static double mean() {
        return count == 0 ? 0 : sum / count;
    }
}
