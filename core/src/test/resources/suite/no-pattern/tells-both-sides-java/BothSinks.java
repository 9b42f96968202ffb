package aldera;

public class BothSinks implements Sink {
    private final PaperSink paper;
    private final TapeSink tape;

    public BothSinks(PaperSink paper, TapeSink tape) {
        this.paper = paper;
        this.tape = tape;
    }

    @Override
    public void line(String text) {
        paper.line(text);
        tape.line(text);
    }

    @Override
    public int lines() {
        return paper.lines() + tape.lines();
    }
}
