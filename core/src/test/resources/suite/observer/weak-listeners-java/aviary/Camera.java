package aviary;

public class Camera implements PerchWatcher {
    private String last;

    @Override
    public void landed(String bird) {
        last = bird;
    }
}
