package loom;

import java.util.ArrayList;
import java.util.List;

public abstract class Motif implements Cloneable {
    protected List<String> threads = new ArrayList<>();
    protected int width;

    @Override
    public Motif clone() {
        try {
            Motif copy = (Motif) super.clone();
            copy.threads = new ArrayList<>(threads);
            return copy;
        } catch (CloneNotSupportedException e) {
            throw new AssertionError(e);
        }
    }

    public void dye(String thread) {
        threads.add(thread);
    }
}
