import java.util.*;
import java.util.concurrent.*;
interface Job { void run(); }
class Crane { void lift(String s) { System.out.println(s); } void rest() {} }
class LiftJob implements Job { private final Crane p; private final String s; LiftJob(Crane p, String s) { this.p = p; this.s = s; } public void run() { p.lift(s); } }
class RestJob implements Job { private final Crane p; RestJob(Crane p) { this.p = p; } public void run() { p.rest(); } }
class Berth {
    private final Queue<Job> jobs = new LinkedList<>();
    void put(Job j) { jobs.add(j); }
    void drain() { jobs.forEach(Job::run); jobs.clear(); }
}
class App { public static void main(String[] a) { Berth s = new Berth(); Crane p = new Crane(); s.put(new LiftJob(p, "x")); s.put(new RestJob(p)); s.drain(); } }
