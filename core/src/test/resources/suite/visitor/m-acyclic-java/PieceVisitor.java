package chess;

public interface PieceVisitor {
}
