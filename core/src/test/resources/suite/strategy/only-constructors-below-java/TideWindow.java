package aldera.panel;

public class TideWindow extends Window {
    public TideWindow(double level) {
        super(new TideContent(level), 20);
    }
}
