package editor;

import java.util.ArrayDeque;
import java.util.Deque;

public class Workbench {
    private final Deque<Command> past = new ArrayDeque<>();
    private final Deque<Command> future = new ArrayDeque<>();

    public void perform(Command command) {
        command.execute();
        past.push(command);
        future.clear();
    }

    public void undo() {
        if (!past.isEmpty()) {
            Command last = past.pop();
            last.undo();
            future.push(last);
        }
    }

    public void redo() {
        if (!future.isEmpty()) {
            Command next = future.pop();
            next.execute();
            past.push(next);
        }
    }
}
