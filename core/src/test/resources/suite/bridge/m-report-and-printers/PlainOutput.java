package museum;

import java.io.PrintStream;

public class PlainOutput implements Output {
    private final PrintStream to;

    public PlainOutput(PrintStream to) {
        this.to = to;
    }

    @Override
    public void heading(String text) {
        to.println(text.toUpperCase());
    }

    @Override
    public void line(String text) {
        to.println("  " + text);
    }

    @Override
    public void close() {
        to.flush();
    }
}
