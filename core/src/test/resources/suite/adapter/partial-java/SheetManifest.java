package aldera.cargo;

public class SheetManifest implements Manifest {
    private final CsvSheet sheet;

    public SheetManifest(CsvSheet sheet) {
        this.sheet = sheet;
    }

    @Override
    public int lines() {
        return sheet.rowCount();
    }

    @Override
    public String line(int index) {
        return String.join(" ", sheet.row(index));
    }

    @Override
    public void append(String text) {
        throw new UnsupportedOperationException("a sheet is read only");
    }
}
