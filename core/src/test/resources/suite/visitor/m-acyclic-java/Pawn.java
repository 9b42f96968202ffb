package chess;

public class Pawn extends Piece {
    int steps;

    public interface Visitor {
        void visitPawn(Pawn pawn);
    }

    @Override
    public void accept(PieceVisitor visitor) {
        if (visitor instanceof Visitor mine) {
            mine.visitPawn(this);
        }
    }
}
