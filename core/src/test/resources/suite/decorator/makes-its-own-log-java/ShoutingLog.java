package aldera;

public class ShoutingLog implements Log {
    private final Log log;

    public ShoutingLog(Log log) {
        this.log = log;
    }

    @Override
    public void entry(String text) {
        log.entry(text.toUpperCase());
    }

    @Override
    public int size() {
        return log.size();
    }
}
