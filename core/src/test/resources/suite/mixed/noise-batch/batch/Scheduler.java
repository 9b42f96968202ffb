package batch;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.PriorityQueue;
import java.util.logging.Level;
import java.util.logging.Logger;

public class Scheduler {
    private static final Logger LOG = Logger.getLogger(Scheduler.class.getName());
    private final PriorityQueue<Task> tasks = new PriorityQueue<>();
    private final List<String> failed = new ArrayList<>();
    private final Clock clock;

    public Scheduler(Clock clock) {
        this.clock = clock;
    }

    public void add(Task task) {
        tasks.add(task);
    }

    public int tick() {
        int done = 0;
        while (!tasks.isEmpty() && !tasks.peek().due().isAfter(clock.instant())) {
            Task task = tasks.poll();
            try {
                task.run();
                done++;
            } catch (RuntimeException e) {
                LOG.log(Level.WARNING, task.name() + " failed", e);
                failed.add(task.name());
            }
        }
        return done;
    }

    public List<String> failed() {
        return List.copyOf(failed);
    }
}
