package garden;

public interface Fountain {
    void play();
}
