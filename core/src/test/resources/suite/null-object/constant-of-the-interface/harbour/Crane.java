package harbour;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

class ListLog implements Log {
    private final List<String> lines = new ArrayList<>();

    @Override
    public void note(String line) {
        lines.add(line);
    }

    @Override
    public int size() {
        return lines.size();
    }
}

class Crane {
    private final Log log;

    Crane(Log log) {
        this.log = Objects.requireNonNullElse(log, Log.NONE);
    }

    void lift(int tons) {
        log.note("lift " + tons);
    }

    static void day() {
        new Crane(new ListLog()).lift(3);
        new Crane(null).lift(4);
    }
}
