package aldera;

public interface Line {
    int holds();
}
