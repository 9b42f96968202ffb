package aldera.vessels;

public interface Vessels {
    Vessel make(String kind);
}
