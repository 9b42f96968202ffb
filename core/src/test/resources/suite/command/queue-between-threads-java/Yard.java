import java.util.concurrent.*;
interface Job { void run(); }
class Crane { int n; void lift() { n++; } void rest() { n = 0; } }
class Lift implements Job { final Crane c; Lift(Crane c) { this.c = c; } public void run() { c.lift(); } }
class Rest implements Job { final Crane c; Rest(Crane c) { this.c = c; } public void run() { c.rest(); } }
class Yard implements Runnable {
    private final BlockingQueue<Job> jobs = new LinkedBlockingQueue<>();
    void post(Job j) throws InterruptedException { jobs.put(j); }
    public void run() { try { while (true) jobs.take().run(); } catch (InterruptedException e) { Thread.currentThread().interrupt(); } }
}
class App { public static void main(String[] a) throws Exception { var y = new Yard(); var c = new Crane(); y.post(new Lift(c)); y.post(new Rest(c)); new Thread(y).start(); } }
