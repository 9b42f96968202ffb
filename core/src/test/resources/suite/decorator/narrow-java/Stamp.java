package aldera.sink;

public class Stamp implements Sink {
    private final FileSink sink;
    private int count;

    public Stamp(FileSink sink) {
        this.sink = sink;
    }

    @Override
    public void put(String line) {
        count++;
        sink.put(count + " " + line);
    }
}
