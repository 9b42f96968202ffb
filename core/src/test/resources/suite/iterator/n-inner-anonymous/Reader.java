package library;

public class Reader {
    public int letters(Shelf shelf) {
        int letters = 0;
        for (String book : shelf) {
            letters += book.length();
        }
        return letters;
    }
}
