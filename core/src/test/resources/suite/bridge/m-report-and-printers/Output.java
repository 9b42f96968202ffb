package museum;

public interface Output {
    void heading(String text);

    void line(String text);

    void close();
}
