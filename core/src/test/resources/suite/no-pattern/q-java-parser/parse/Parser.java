package parse;

import java.util.List;

public final class Parser {
    private final List<Token> tokens;
    private int at;

    public Parser(List<Token> tokens) {
        this.tokens = List.copyOf(tokens);
    }

    public Node parse() {
        Node left = term();
        while (is("+") || is("-")) {
            String sign = tokens.get(at++).text();
            left = new Binary(sign.charAt(0), left, term());
        }
        return left;
    }

    private Node term() {
        Node left = factor();
        while (is("*") || is("/")) {
            char sign = tokens.get(at++).text().charAt(0);
            left = new Binary(sign, left, factor());
        }
        return left;
    }

    private Node factor() {
        Token token = tokens.get(at++);
        return switch (token.kind()) {
            case NUMBER -> new Literal(Double.parseDouble(token.text()));
            case OPEN -> {
                Node inner = parse();
                at++;
                yield inner;
            }
            default -> throw new IllegalStateException("unexpected " + token);
        };
    }

    private boolean is(String text) {
        return at < tokens.size() && tokens.get(at).text().equals(text);
    }
}
