package aldera.panel;

public class TideContent implements Content {
    private final double level;

    public TideContent(double level) {
        this.level = level;
    }

    @Override
    public String line(int row, int width) {
        return row == 0 ? "tide " + level : "";
    }
}
