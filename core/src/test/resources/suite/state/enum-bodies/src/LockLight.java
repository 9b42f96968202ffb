package aldera;

import java.util.ArrayList;
import java.util.List;

public class LockLight {
    private Signal now = Signal.STOP;
    private final List<String> lines = new ArrayList<>();

    public void advance() {
        now = now.next(this);
    }

    void log(String line) {
        lines.add(line);
    }
}
