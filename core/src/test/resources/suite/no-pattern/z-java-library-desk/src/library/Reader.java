package library;

import java.util.ArrayList;
import java.util.List;

public class Reader {
    private final String name;
    private final List<Book> books = new ArrayList<>();
    private long fines;

    public Reader(String name) {
        this.name = name;
    }

    void took(Book book) {
        books.add(book);
    }

    void returned(Book book) {
        books.remove(book);
    }

    void fine(long cents) {
        fines += cents;
    }

    public boolean mayBorrow() {
        return fines < 500 && books.size() < 5;
    }

    public String name() {
        return name;
    }
}
