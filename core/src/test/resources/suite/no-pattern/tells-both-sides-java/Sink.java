package aldera;

public interface Sink {
    void line(String text);

    int lines();
}
