package loom;

public class Knot extends Motif {
    private boolean tied;

    public void tie() {
        tied = true;
    }
}
