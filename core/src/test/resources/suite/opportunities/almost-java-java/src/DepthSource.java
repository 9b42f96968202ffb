package aldera;

public interface DepthSource {
    double metres();

    boolean ready();
}
