package aldera.sink;

public class Main {
    public static void main(String[] args) {
        Sink sink = new Stamp(new FileSink());
        sink.put("arrived");
    }
}
