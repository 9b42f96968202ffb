package ferry;

public interface DoorWatcher {
    void doorMoved(String label, int cycles);
}
