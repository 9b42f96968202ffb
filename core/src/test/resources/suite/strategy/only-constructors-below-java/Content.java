package aldera.panel;

public interface Content {
    String line(int row, int width);
}
