package jobs;

import java.util.ArrayDeque;
import java.util.Queue;

public class Jobs {
    private final Queue<Runnable> waiting = new ArrayDeque<>();

    public void add(Runnable job) {
        waiting.add(job);
    }

    public void work() {
        Runnable job;
        while ((job = waiting.poll()) != null) {
            job.run();
        }
    }
}

class Pump {
    private int litres;

    void drain(int litres) {
        this.litres -= litres;
    }

    void fill(int litres) {
        this.litres += litres;
    }
}

class Drain implements Runnable {
    private final Pump pump;
    private final int litres;

    Drain(Pump pump, int litres) {
        this.pump = pump;
        this.litres = litres;
    }

    @Override
    public void run() {
        pump.drain(litres);
    }
}

class Fill implements Runnable {
    private final Pump pump;

    Fill(Pump pump) {
        this.pump = pump;
    }

    @Override
    public void run() {
        pump.fill(100);
    }
}

class Main {
    public static void main(String[] args) {
        Pump pump = new Pump();
        Jobs jobs = new Jobs();
        jobs.add(new Fill(pump));
        jobs.add(new Drain(pump, 20));
        jobs.work();
    }
}
