package lock;

public class LockKeeper {
    private final JobQueue queue = new JobQueue();

    public void order(LockJob job) {
        queue.add(job);
    }

    public void workOff() {
        while (!queue.isEmpty()) {
            LockJob job = queue.next();
            job.run();
        }
    }
}
