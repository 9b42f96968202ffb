package aldera;

interface Log {
    void note(String line);
}

class PaperLog implements Log {
    public void note(String line) {
        System.out.println(line);
    }
}

class StampedLog implements Log {
    private final Log log;
    private int number;

    StampedLog(Log log) {
        this.log = log;
    }

    public void note(String line) {
        needsText(line);
        number++;
        log.note(number + ": " + line);
    }

    private void needsText(String line) {
        if (line.isEmpty()) {
            throw new IllegalArgumentException("An empty line.");
        }
    }
}

class Mate {
    void watch(Log log) {
        log.note("all well");
    }

    void start() {
        watch(new StampedLog(new PaperLog()));
    }
}
