package aldera;

public class Watch {
    void log() {
        Sink sink = new BothSinks(new PaperSink(), new TapeSink());
        sink.line("all well");
        System.out.println(sink.lines());
    }
}
