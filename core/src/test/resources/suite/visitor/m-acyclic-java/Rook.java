package chess;

public class Rook extends Piece {
    boolean castled;

    public interface Visitor {
        void visitRook(Rook rook);
    }

    @Override
    public void accept(PieceVisitor visitor) {
        if (visitor instanceof Visitor mine) {
            mine.visitRook(this);
        }
    }
}
