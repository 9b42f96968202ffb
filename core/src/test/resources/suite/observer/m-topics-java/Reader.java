package news;

public interface Reader {
    void read(String topic, String article);
}
