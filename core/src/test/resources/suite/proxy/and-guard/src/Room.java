package aldera;

public interface Room {
    boolean open(int chart);
}
