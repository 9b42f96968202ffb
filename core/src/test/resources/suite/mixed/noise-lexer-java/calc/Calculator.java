package calc;

public class Calculator {
    public long evaluate(String text) {
        return evaluate(new Parser(new Lexer(text).tokens()).parse());
    }

    private long evaluate(Node node) {
        return switch (node) {
            case Node.Number number -> number.value();
            case Node.Sum sum -> evaluate(sum.left()) + evaluate(sum.right());
            case Node.Product product -> evaluate(product.left()) * evaluate(product.right());
        };
    }
}
