package library;

import java.time.LocalDate;
import java.util.Optional;

public class Book {
    private final String isbn;
    private final String title;
    private Reader borrowedBy;
    private LocalDate due;

    public Book(String isbn, String title) {
        this.isbn = isbn;
        this.title = title;
    }

    public String isbn() {
        return isbn;
    }

    public String title() {
        return title;
    }

    void lend(Reader reader, LocalDate until) {
        if (borrowedBy != null) {
            throw new IllegalStateException(title + " is out");
        }
        borrowedBy = reader;
        due = until;
    }

    void giveBack() {
        borrowedBy = null;
        due = null;
    }

    Optional<Reader> borrower() {
        return Optional.ofNullable(borrowedBy);
    }

    boolean late(LocalDate today) {
        return due != null && due.isBefore(today);
    }
}
