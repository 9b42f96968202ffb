package lock;

public class GateLamp implements LevelWatcher {
    private boolean green;

    @Override
    public void levelIs(int metres) {
        green = metres > 5;
    }

    public boolean isGreen() {
        return green;
    }
}
