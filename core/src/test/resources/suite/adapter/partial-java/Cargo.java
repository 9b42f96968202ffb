package aldera.cargo;

public interface Manifest {
    int lines();

    String line(int index);

    void append(String text);
}
