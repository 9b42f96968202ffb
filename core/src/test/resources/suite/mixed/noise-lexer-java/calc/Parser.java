package calc;

import java.util.List;

public class Parser {
    private final List<Token> tokens;
    private int next;

    public Parser(List<Token> tokens) {
        this.tokens = tokens;
    }

    public Node parse() {
        Node node = sum();
        expect(Token.Kind.END);
        return node;
    }

    private Node sum() {
        Node left = product();
        while (accept(Token.Kind.PLUS)) {
            left = new Node.Sum(left, product());
        }
        return left;
    }

    private Node product() {
        Node left = single();
        while (accept(Token.Kind.TIMES)) {
            left = new Node.Product(left, single());
        }
        return left;
    }

    private Node single() {
        if (accept(Token.Kind.OPEN)) {
            Node inner = sum();
            expect(Token.Kind.CLOSE);
            return inner;
        }
        Token token = tokens.get(next);
        expect(Token.Kind.NUMBER);
        return new Node.Number(Long.parseLong(token.text()));
    }

    private boolean accept(Token.Kind kind) {
        if (tokens.get(next).is(kind)) {
            next++;
            return true;
        }
        return false;
    }

    private void expect(Token.Kind kind) {
        if (!accept(kind)) {
            throw new IllegalArgumentException("expected " + kind + ", found " + tokens.get(next).text());
        }
    }
}
