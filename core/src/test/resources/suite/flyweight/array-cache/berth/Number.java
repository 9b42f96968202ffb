package berth;

public final class Number {
    private static final Number[] KEPT = new Number[100];
    private final int value;

    private Number(int value) {
        this.value = value;
    }

    public static Number of(int value) {
        if (KEPT[value] == null) {
            KEPT[value] = new Number(value);
        }
        return KEPT[value];
    }

    public String shown() {
        return "berth " + value;
    }
}
