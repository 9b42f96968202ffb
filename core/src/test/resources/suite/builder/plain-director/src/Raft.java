package aldera;

public class Raft {
    int logs;
    boolean mast;
    boolean rail;

    public boolean ready() {
        return logs > 3 && mast;
    }
}
