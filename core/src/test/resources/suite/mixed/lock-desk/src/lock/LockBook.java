package lock;

public final class LockBook implements LevelWatcher {
    private static final LockBook BOOK = new LockBook();
    private final StringBuilder lines = new StringBuilder();

    private LockBook() {
    }

    public static LockBook book() {
        return BOOK;
    }

    @Override
    public void levelIs(int metres) {
        lines.append(metres).append('\n');
    }
}
