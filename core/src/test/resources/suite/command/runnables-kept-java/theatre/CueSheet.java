package theatre;

import java.util.ArrayDeque;
import java.util.Deque;

public class CueSheet {
    private final Deque<Runnable> cues = new ArrayDeque<>();

    public void note(Runnable cue) {
        cues.add(cue);
    }

    public void go() {
        Runnable next = cues.poll();
        if (next != null) {
            next.run();
        }
    }
}
