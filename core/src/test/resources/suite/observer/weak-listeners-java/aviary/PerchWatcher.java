package aviary;

public interface PerchWatcher {
    void landed(String bird);
}
