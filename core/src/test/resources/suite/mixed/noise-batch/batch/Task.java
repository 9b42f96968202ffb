package batch;

import java.time.Duration;
import java.time.Instant;
import java.util.Objects;

public final class Task implements Comparable<Task> {
    private final String name;
    private final Instant due;
    private final Runnable work;

    private Task(String name, Instant due, Runnable work) {
        this.name = Objects.requireNonNull(name);
        this.due = due;
        this.work = work;
    }

    public static Task at(Instant due, String name, Runnable work) {
        return new Task(name, due, work);
    }

    public static Task in(Duration delay, String name, Runnable work) {
        return new Task(name, Instant.now().plus(delay), work);
    }

    public Instant due() {
        return due;
    }

    public String name() {
        return name;
    }

    void run() {
        work.run();
    }

    @Override
    public int compareTo(Task other) {
        return due.compareTo(other.due);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Task task && task.name.equals(name) && task.due.equals(due);
    }

    @Override
    public int hashCode() {
        return Objects.hash(name, due);
    }
}
