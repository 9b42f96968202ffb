package calc;

import java.util.ArrayList;
import java.util.List;

public class Lexer {
    private final String text;
    private int at;

    public Lexer(String text) {
        this.text = text;
    }

    public List<Token> tokens() {
        List<Token> all = new ArrayList<>();
        while (at < text.length()) {
            char c = text.charAt(at);
            if (Character.isWhitespace(c)) {
                at++;
            } else if (Character.isDigit(c)) {
                all.add(number());
            } else {
                all.add(sign(c));
            }
        }
        all.add(new Token(Token.Kind.END, "", at));
        return all;
    }

    private Token number() {
        int from = at;
        while (at < text.length() && Character.isDigit(text.charAt(at))) {
            at++;
        }
        return new Token(Token.Kind.NUMBER, text.substring(from, at), from);
    }

    private Token sign(char c) {
        Token.Kind kind = switch (c) {
            case '+' -> Token.Kind.PLUS;
            case '*' -> Token.Kind.TIMES;
            case '(' -> Token.Kind.OPEN;
            case ')' -> Token.Kind.CLOSE;
            default -> throw new IllegalArgumentException("unexpected " + c + " at " + at);
        };
        return new Token(kind, String.valueOf(c), at++);
    }
}
