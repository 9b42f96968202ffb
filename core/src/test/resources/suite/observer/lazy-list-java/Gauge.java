package tide;

public class Gauge implements TideWatch {
    private double shown;

    @Override
    public void levelIs(double level) {
        shown = level;
    }
}
