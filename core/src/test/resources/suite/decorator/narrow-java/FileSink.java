package aldera.sink;

public class FileSink implements Sink {
    private final StringBuilder file = new StringBuilder();

    @Override
    public void put(String line) {
        file.append(line);
    }
}
