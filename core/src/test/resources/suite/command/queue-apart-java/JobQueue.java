package lock;

import java.util.ArrayDeque;
import java.util.Deque;

class JobQueue {
    private final Deque<LockJob> waiting = new ArrayDeque<>();

    void add(LockJob job) {
        waiting.addLast(job);
    }

    LockJob next() {
        return waiting.pollFirst();
    }

    boolean isEmpty() {
        return waiting.isEmpty();
    }
}
