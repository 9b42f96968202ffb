package aldera.paper;

public class Stamp extends Mark {
    private final String text;

    public Stamp(String text) {
        this.text = text;
    }

    @Override
    public String drawn() {
        return "[" + text + "]";
    }
}
