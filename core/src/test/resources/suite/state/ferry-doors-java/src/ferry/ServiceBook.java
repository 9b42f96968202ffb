package ferry;

public class ServiceBook implements DoorWatcher {
    private int due = 1000;

    @Override
    public void doorMoved(String label, int cycles) {
        due = 1000 - cycles;
    }

    public int due() {
        return due;
    }
}
