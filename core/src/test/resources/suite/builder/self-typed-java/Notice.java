package notices;

import java.util.ArrayList;
import java.util.List;

public abstract class Notice {
    private final String title;
    private final List<String> lines;

    protected Notice(Writer<?> writer) {
        this.title = writer.title;
        this.lines = List.copyOf(writer.lines);
    }

    public String title() {
        return title;
    }

    public List<String> lines() {
        return lines;
    }

    public abstract static class Writer<W extends Writer<W>> {
        private String title = "";
        private final List<String> lines = new ArrayList<>();

        public W title(String text) {
            this.title = text;
            return self();
        }

        public W line(String text) {
            lines.add(text);
            return self();
        }

        protected abstract W self();

        public abstract Notice finish();
    }
}
