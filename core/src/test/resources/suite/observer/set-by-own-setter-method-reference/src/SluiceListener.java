package aldera;

public interface SluiceListener {
    void opened();
}
