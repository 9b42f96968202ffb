package aldera;

class Gate {
    private int height;

    void lift() {
        height++;
    }

    void lower() {
        height--;
    }
}
