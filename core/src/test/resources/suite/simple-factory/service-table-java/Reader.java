package feeds;

public class Reader {
    private final String format;

    public Reader(String format) {
        this.format = format;
    }

    public int count(String line) {
        return Parsers.of(format).fields(line).length;
    }

    public static void main(String[] args) {
        System.out.println(new Reader("csv").count("a;b"));
    }
}
