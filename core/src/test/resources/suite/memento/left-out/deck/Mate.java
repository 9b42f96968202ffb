package deck;

public class Mate {
    private final Deck deck = new Deck();
    private Deck.Picture before;

    public void load() {
        before = deck.picture();
        deck.load("apples", 2);
    }

    public void undo() {
        deck.restore(before);
    }
}
