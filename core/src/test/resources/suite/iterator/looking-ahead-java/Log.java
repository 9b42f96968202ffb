package log;

import java.util.ArrayList;
import java.util.List;

public class Log {
    private final List<String> lines = new ArrayList<>();

    public void note(String line) {
        lines.add(line);
    }

    public Alarms alarms() {
        return new AlarmWalk(lines);
    }
}
