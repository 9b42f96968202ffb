package aldera;

public interface Log {
    void entry(String text);

    int size();
}
