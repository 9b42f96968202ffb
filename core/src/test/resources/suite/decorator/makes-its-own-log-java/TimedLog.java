package aldera;

import java.time.LocalTime;

public class TimedLog implements Log {
    private final Log log = new PaperLog();

    @Override
    public void entry(String text) {
        log.entry(LocalTime.now() + " " + text);
    }

    @Override
    public int size() {
        return log.size();
    }
}
