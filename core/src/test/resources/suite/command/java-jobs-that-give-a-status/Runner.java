import java.util.ArrayDeque;
import java.util.Queue;
interface Job { int carryOut(); }
class Runner {
    private final Queue<Job> jobs = new ArrayDeque<>();
    private int failed;
    void add(Job job) { jobs.add(job); }
    void runAll() {
        Job job;
        while ((job = jobs.poll()) != null) {
            if (job.carryOut() != 0) { failed++; }
        }
    }
}
class Crane {
    private int lifted;
    int lift(int crate) { lifted = crate; return crate < 90 ? 0 : 1; }
    int lower(int crate) { lifted = 0; return crate < 50 ? 0 : 1; }
}
class LiftJob implements Job {
    private final Crane crane; private final int crate;
    LiftJob(Crane crane, int crate) { this.crane = crane; this.crate = crate; }
    public int carryOut() { return crane.lift(crate); }
}
class LowerJob implements Job {
    private final Crane crane; private final int crate;
    LowerJob(Crane crane, int crate) { this.crane = crane; this.crate = crate; }
    public int carryOut() { return crane.lower(crate); }
}
class Foreman {
    void plan(Runner runner, Crane crane) { runner.add(new LiftJob(crane, 3)); runner.add(new LowerJob(crane, 4)); }
}
