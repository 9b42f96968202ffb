package chess;

public abstract class Piece {
    public abstract void accept(PieceVisitor visitor);
}
