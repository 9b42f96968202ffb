package aldera;

import java.util.ArrayDeque;
import java.util.Queue;

public class NightWork {
    private final Queue<Work> waiting = new ArrayDeque<>();

    public void plan(Work work) {
        waiting.add(work);
    }

    public int begin() {
        int done = 0;
        for (Work work = waiting.poll(); work != null; work = waiting.poll()) {
            work.perform();
            done++;
        }
        return done;
    }
}
