package library;

import java.time.LocalDate;

public class Desk {
    private static final int DAYS = 21;
    private final Shelves shelves;

    public Desk(Shelves shelves) {
        this.shelves = shelves;
    }

    public void lend(String isbn, Reader reader, LocalDate today) {
        if (!reader.mayBorrow()) {
            throw new IllegalStateException(reader.name() + " may not borrow");
        }
        Book book = shelves.find(isbn);
        book.lend(reader, today.plusDays(DAYS));
        reader.took(book);
    }

    public void takeBack(String isbn, LocalDate today) {
        Book book = shelves.find(isbn);
        book.borrower().ifPresent(reader -> {
            if (book.late(today)) {
                reader.fine(100);
            }
            reader.returned(book);
        });
        book.giveBack();
    }
}
