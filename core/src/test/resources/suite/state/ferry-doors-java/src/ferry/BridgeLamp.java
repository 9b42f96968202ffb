package ferry;

public class BridgeLamp implements DoorWatcher {
    private boolean red;

    @Override
    public void doorMoved(String label, int cycles) {
        red = !label.equals("closed");
    }

    public boolean isRed() {
        return red;
    }
}
