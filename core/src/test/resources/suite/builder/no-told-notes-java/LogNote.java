import java.util.ArrayList;
import java.util.List;
class LogNote implements Note {
    private final List<Reader> readers = new ArrayList<>();
    private double start;
    public void join(Reader reader) { readers.add(reader); }
    public void leave(Reader reader) { readers.remove(reader); }
    public Span span() { return new Span(start, start); }
}
