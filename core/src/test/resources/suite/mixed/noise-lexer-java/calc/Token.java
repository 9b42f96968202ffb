package calc;

public record Token(Kind kind, String text, int at) {
    public enum Kind { NUMBER, PLUS, TIMES, OPEN, CLOSE, END }

    boolean is(Kind other) {
        return kind == other;
    }
}
