package parse;

import java.util.ArrayList;
import java.util.List;
import java.util.NoSuchElementException;

public final class Lexer {
    private final String text;
    private int at;

    public Lexer(String text) {
        this.text = text;
    }

    public boolean hasNext() {
        skip();
        return at < text.length();
    }

    public Token next() {
        if (!hasNext()) {
            throw new NoSuchElementException("end of input at " + at);
        }
        char c = text.charAt(at++);
        if (Character.isDigit(c)) {
            int from = at - 1;
            while (at < text.length() && Character.isDigit(text.charAt(at))) {
                at++;
            }
            return new Token(Token.Kind.NUMBER, text.substring(from, at));
        }
        return switch (c) {
            case '+', '-', '*', '/' -> new Token(Token.Kind.OPERATOR, String.valueOf(c));
            case '(' -> new Token(Token.Kind.OPEN, "(");
            case ')' -> new Token(Token.Kind.CLOSE, ")");
            default -> throw new IllegalArgumentException("unexpected " + c);
        };
    }

    private void skip() {
        while (at < text.length() && Character.isWhitespace(text.charAt(at))) {
            at++;
        }
    }

    public List<Token> all() {
        List<Token> tokens = new ArrayList<>();
        while (hasNext()) {
            tokens.add(next());
        }
        return tokens;
    }
}
