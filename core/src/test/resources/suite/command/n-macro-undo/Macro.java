package editor;

import java.util.ArrayList;
import java.util.List;

public class Macro implements Command {
    private final List<Command> commands = new ArrayList<>();

    public void record(Command command) {
        commands.add(command);
    }

    @Override
    public void execute() {
        commands.forEach(Command::execute);
    }

    @Override
    public void undo() {
        for (int i = commands.size() - 1; i >= 0; i--) {
            commands.get(i).undo();
        }
    }
}
