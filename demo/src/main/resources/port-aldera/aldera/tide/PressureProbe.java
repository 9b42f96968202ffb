package aldera.tide;

/** The probe on the sea floor: it measures pressure, in hectopascal. */
public class PressureProbe {
    private double reading = 1013;

    public double hectopascal() {
        return reading;
    }

    public String serialNumber() {
        return "PP-7";
    }

    public boolean answersWithin(int millis) {
        return millis > 40;
    }

    public void dive(double by) {
        reading += by;
    }
}
