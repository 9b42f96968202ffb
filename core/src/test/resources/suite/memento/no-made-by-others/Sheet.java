package aldera.manifest;

public class Sheet {
    private final String title;
    private final int lines;

    public Sheet(String title, int lines) {
        this.title = title;
        this.lines = lines;
    }

    public String title() {
        return title;
    }

    public int lines() {
        return lines;
    }
}
