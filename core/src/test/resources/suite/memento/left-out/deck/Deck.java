package deck;

import java.util.ArrayList;
import java.util.List;

public class Deck {
    private final List<String> crates = new ArrayList<>();
    private int tons;
    private String port = "Aldera";

    public void load(String crate, int weight) {
        crates.add(crate);
        tons += weight;
    }

    public void sail(String to) {
        port = to;
    }

    public Picture picture() {
        return new Picture(List.copyOf(crates), tons, port);
    }

    public void restore(Picture picture) {
        crates.clear();
        crates.addAll(picture.crates);
        tons = picture.tons;
    }

    public static final class Picture {
        private final List<String> crates;
        private final int tons;
        private final String port;

        private Picture(List<String> crates, int tons, String port) {
            this.crates = crates;
            this.tons = tons;
            this.port = port;
        }
    }
}
