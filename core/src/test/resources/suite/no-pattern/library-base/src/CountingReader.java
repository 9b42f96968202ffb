package aldera;

import java.io.IOException;
import java.io.Reader;

public class CountingReader extends Reader {
    private final Reader inner;
    private long read;

    public CountingReader(Reader inner) {
        this.inner = inner;
    }

    @Override
    public int read(char[] into, int from, int length) throws IOException {
        int got = inner.read(into, from, length);
        read += Math.max(0, got);
        return got;
    }

    @Override
    public void close() throws IOException {
        inner.close();
    }

    public long read() {
        return read;
    }
}
