package parse;

public sealed interface Node permits Literal, Binary {
    double value();
}

record Literal(double value) implements Node {
}

record Binary(char sign, Node left, Node right) implements Node {
    @Override
    public double value() {
        double a = left.value();
        double b = right.value();
        return switch (sign) {
            case '+' -> a + b;
            case '-' -> a - b;
            case '*' -> a * b;
            default -> a / b;
        };
    }
}
