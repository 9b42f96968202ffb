package aldera.dues;

import java.util.ArrayList;
import java.util.List;

/** What a ship is asked to pay. */
public final class Invoice {
    private final String ship;
    private final List<String> lines;

    private Invoice(Writer writer) {
        this.ship = writer.ship;
        this.lines = List.copyOf(writer.lines);
    }

    public String text() {
        return ship + "\n" + String.join("\n", lines);
    }

    /** Puts an invoice together. */
    public static final class Writer {
        private String ship = "";
        private final List<String> lines = new ArrayList<>();

        public Writer to(String name) {
            this.ship = name;
            return this;
        }

        public Writer line(String text) {
            lines.add(text);
            return this;
        }

        public Invoice done() {
            if (ship.isEmpty()) {
                throw new IllegalStateException("an invoice needs a ship");
            }
            return new Invoice(this);
        }
    }
}
