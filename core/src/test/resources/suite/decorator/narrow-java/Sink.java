package aldera.sink;

public interface Sink {
    void put(String line);
}
