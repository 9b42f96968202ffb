package press;

import java.util.ArrayList;
import java.util.List;

public class Newsroom {
    private final List<Reader> readers = new ArrayList<>();
    private String headline = "";
    private int edition;

    public void subscribe(Reader reader) {
        readers.add(reader);
    }

    public void unsubscribe(Reader reader) {
        readers.remove(reader);
    }

    public void publish(String text) {
        headline = text;
        edition++;
        tellAll();
    }

    public void correct(String text) {
        headline = text;
    }

    private void tellAll() {
        for (Reader reader : List.copyOf(readers)) {
            reader.published(headline, edition);
        }
    }
}
