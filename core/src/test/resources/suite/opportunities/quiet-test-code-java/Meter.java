package power;

public interface Meter {
    int read();

    void reset();
}
