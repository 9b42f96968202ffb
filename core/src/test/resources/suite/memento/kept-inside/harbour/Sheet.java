package harbour;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;

public class Sheet {
    private String title = "";
    private List<String> lines = new ArrayList<>();

    public void title(String text) {
        title = text;
    }

    public void line(String text) {
        lines.add(text);
    }

    public Memory remember() {
        return new Memory(title, List.copyOf(lines));
    }

    public void recall(Memory memory) {
        title = memory.title;
        lines = new ArrayList<>(memory.lines);
    }

    public static final class Memory {
        private final String title;
        private final List<String> lines;

        private Memory(String title, List<String> lines) {
            this.title = title;
            this.lines = lines;
        }
    }
}

class Editor {
    private final Sheet sheet = new Sheet();
    private final Deque<Sheet.Memory> past = new ArrayDeque<>();

    void write(String text) {
        past.push(sheet.remember());
        sheet.line(text);
    }

    void undo() {
        if (!past.isEmpty()) {
            sheet.recall(past.pop());
        }
    }
}
