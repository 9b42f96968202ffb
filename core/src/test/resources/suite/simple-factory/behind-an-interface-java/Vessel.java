package aldera.vessels;

public interface Vessel {
    int dues();
}
