package calc;

public sealed interface Node {
    record Number(long value) implements Node {
    }

    record Sum(Node left, Node right) implements Node {
    }

    record Product(Node left, Node right) implements Node {
    }
}
