package aldera.manifest;

class StampedSheet extends Sheet {
    StampedSheet(String title, int lines) {
        super(title, lines);
    }

    String stamp() {
        return title() + "*";
    }
}
