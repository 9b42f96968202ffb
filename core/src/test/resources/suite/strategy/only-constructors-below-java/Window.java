package aldera.panel;

public class Window {
    private final Content content;
    private final int width;

    public Window(Content content, int width) {
        this.content = content;
        this.width = width;
    }

    public String show(int row) {
        String line = content.line(row, width);
        return line.length() > width ? line.substring(0, width) : line;
    }
}
