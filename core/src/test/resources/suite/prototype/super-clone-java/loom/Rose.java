package loom;

public class Rose extends Motif {
    private int petals = 5;

    public void grow() {
        petals++;
        width += 2;
    }
}
