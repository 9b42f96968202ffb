package batch;

import java.time.Clock;
import java.time.Duration;

public class Main {
    public static void main(String[] args) {
        Scheduler scheduler = new Scheduler(Clock.systemUTC());
        scheduler.add(Task.in(Duration.ofMinutes(5), "tides", () -> System.out.println("tides")));
        scheduler.add(Task.at(Clock.systemUTC().instant(), "mail", () -> System.out.println("mail")));
        System.out.println(scheduler.tick());
    }
}
