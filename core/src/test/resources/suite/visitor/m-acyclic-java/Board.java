package chess;

import java.util.ArrayList;
import java.util.List;

public class Board {
    private final List<Piece> pieces = new ArrayList<>();

    public void put(Piece piece) {
        pieces.add(piece);
    }

    public int worth() {
        Worth worth = new Worth();
        pieces.forEach(piece -> piece.accept(worth));
        return worth.points();
    }
}
