package aldera.pilot;

import java.util.ArrayDeque;
import java.util.Deque;

/** Orders wait here until a boat is free. */
public class PilotRoster {
    private final Deque<PilotOrder> waiting = new ArrayDeque<>();

    public void enter(PilotOrder order) {
        waiting.add(order);
    }

    public void work() {
        while (!waiting.isEmpty()) {
            waiting.poll().carryOut();
        }
    }
}
