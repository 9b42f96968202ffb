package aldera;

public interface Notes {
    void note(String text);

    int count();
}
