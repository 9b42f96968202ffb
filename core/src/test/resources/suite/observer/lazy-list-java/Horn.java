package tide;

public class Horn implements TideWatch {
    private boolean on;

    @Override
    public void levelIs(double level) {
        on = level > 4;
    }
}
