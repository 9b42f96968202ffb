package aldera;

@FunctionalInterface
public interface Work {
    void perform();
}
