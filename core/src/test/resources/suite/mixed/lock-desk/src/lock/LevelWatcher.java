package lock;

public interface LevelWatcher {
    void levelIs(int metres);
}
