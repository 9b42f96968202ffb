package log;

import java.util.List;

class AlarmWalk implements Alarms {
    private final List<String> lines;
    private int at;
    private String found;

    AlarmWalk(List<String> lines) {
        this.lines = lines;
    }

    @Override
    public boolean another() {
        while (found == null && at < lines.size()) {
            String line = lines.get(at++);
            if (line.startsWith("!")) {
                found = line;
            }
        }
        return found != null;
    }

    @Override
    public String alarm() {
        if (!another()) {
            throw new IllegalStateException("no alarm is left");
        }
        String alarm = found;
        found = null;
        return alarm;
    }
}
