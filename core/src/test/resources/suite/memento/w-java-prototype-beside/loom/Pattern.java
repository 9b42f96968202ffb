package loom;

public final class Pattern implements Cloneable {
    private int[] threads = new int[8];
    private String colour = "white";

    public void dye(String colour) {
        this.colour = colour;
    }

    public void thread(int at, int shade) {
        threads[at] = shade;
    }

    @Override
    public Pattern clone() {
        try {
            Pattern copy = (Pattern) super.clone();
            copy.threads = threads.clone();
            return copy;
        } catch (CloneNotSupportedException impossible) {
            throw new AssertionError(impossible);
        }
    }
}
