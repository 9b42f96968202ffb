package aldera;

public interface SoundDriver {
    void press();

    void release();
}
