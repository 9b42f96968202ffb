package library;

import java.util.Iterator;
import java.util.NoSuchElementException;

public class Shelf implements Iterable<String> {
    private String[] books = new String[8];
    private int count;

    public void put(String book) {
        books[count++] = book;
    }

    @Override
    public Iterator<String> iterator() {
        return new Iterator<>() {
            private int at;

            @Override
            public boolean hasNext() {
                return at < count;
            }

            @Override
            public String next() {
                if (!hasNext()) {
                    throw new NoSuchElementException();
                }
                return books[at++];
            }
        };
    }
}
