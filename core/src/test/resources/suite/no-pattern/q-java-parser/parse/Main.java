package parse;

final class Main {
    public static void main(String[] args) {
        System.out.println(new Parser(new Lexer("2 * (3 + 4)").all()).parse().value());
    }
}
