package aldera;

public interface Pilot {
    void guide(String ship);

    int fee();
}
