package docs;

public interface Archive {
    String read(String name);

    void write(String name, String text);
}
