package lock;

public class Gate {
    private boolean open;

    public void open() {
        open = true;
    }
}
