package hatchery;

import java.util.concurrent.Flow;
import java.util.concurrent.SubmissionPublisher;

public class Incubator implements AutoCloseable {
    private final SubmissionPublisher<Double> readings = new SubmissionPublisher<>();
    private double last;

    public void subscribe(Flow.Subscriber<? super Double> subscriber) {
        readings.subscribe(subscriber);
    }

    public void measure(double warmth) {
        last = warmth;
        readings.submit(last);
    }

    @Override
    public void close() {
        readings.close();
    }
}
