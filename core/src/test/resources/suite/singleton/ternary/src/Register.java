package aldera;

public final class Register {
    private static Register kept;
    private int entries;

    private Register() {
    }

    public static synchronized Register get() {
        return kept == null ? (kept = new Register()) : kept;
    }

    public int enter() {
        return ++entries;
    }
}
