package aldera.manifest;

public class Manifest {
    private String title = "empty";
    private int lines;

    public Sheet sheet() {
        return new StampedSheet(title, lines);
    }

    public void take(Sheet sheet) {
        title = sheet.title();
        lines = sheet.lines();
    }

    public void add() {
        lines++;
    }
}
