import java.util.ArrayList;
import java.util.List;
class ChartNote implements Note {
    private final List<Reader> readers = new ArrayList<>();
    private double at;
    private double width;
    ChartNote(double at, double width) { this.at = at; this.width = width; }
    public void join(Reader reader) { readers.add(reader); }
    public void leave(Reader reader) { readers.remove(reader); }
    void move(double by) { at += by; for (Reader reader : List.copyOf(readers)) { reader.changed(this); } }
    public Span span() { return new Span(at, at + width); }
}
