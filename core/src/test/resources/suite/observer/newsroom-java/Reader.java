package press;

public interface Reader {
    void published(String headline, int edition);
}
