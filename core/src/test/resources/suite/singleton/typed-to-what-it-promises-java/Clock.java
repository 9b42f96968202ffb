package aldera;

public interface Clock {
    long now();
}
