package parse;

public record Token(Kind kind, String text) {
    public enum Kind {
        NUMBER, OPERATOR, OPEN, CLOSE
    }
}
