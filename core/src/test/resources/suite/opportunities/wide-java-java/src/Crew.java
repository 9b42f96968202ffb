package aldera;

public interface Crew {
    void moor();

    void load();

    void cook();

    void paint();
}
