package library;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

class Shelves {
    private final Map<String, Book> books = new HashMap<>();

    void put(Book book) {
        books.put(book.isbn(), book);
    }

    Book find(String isbn) {
        Book book = books.get(isbn);
        if (book == null) {
            throw new IllegalArgumentException("no book " + isbn);
        }
        return book;
    }

    List<Book> search(String words) {
        return books.values().stream()
                .filter(book -> book.title().toLowerCase().contains(words.toLowerCase()))
                .sorted(Comparator.comparing(Book::title))
                .toList();
    }
}
