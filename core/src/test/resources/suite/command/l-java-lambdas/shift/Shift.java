package shift;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.function.Consumer;

@FunctionalInterface
interface Job {
    void doIt();

    default Job then(Job next) {
        return () -> {
            doIt();
            next.doIt();
        };
    }
}

class Crane {
    private int height;

    void up(int by) {
        height += by;
    }

    void rest() {
        height = 0;
    }
}

class Shift {
    private final Deque<Job> jobs = new ArrayDeque<>();

    void add(Job job) {
        jobs.addLast(job);
    }

    int work() {
        int done = 0;
        for (Job job = jobs.pollFirst(); job != null; job = jobs.pollFirst()) {
            job.doIt();
            done++;
        }
        return done;
    }
}

class Foreman {
    void plan(Shift shift, Crane crane) {
        shift.add(() -> crane.up(4));
        shift.add(crane::rest);
        Job both = () -> crane.up(1);
        shift.add(both.then(crane::rest));
    }
}
