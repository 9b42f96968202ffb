package hatchery;

import java.util.concurrent.Flow;

public class Alarm implements Flow.Subscriber<Double> {
    private Flow.Subscription subscription;
    private boolean ringing;

    @Override
    public void onSubscribe(Flow.Subscription subscription) {
        this.subscription = subscription;
        subscription.request(1);
    }

    @Override
    public void onNext(Double warmth) {
        ringing = warmth > 39.5;
        subscription.request(1);
    }

    @Override
    public void onError(Throwable trouble) {
        ringing = true;
    }

    @Override
    public void onComplete() {
        ringing = false;
    }
}
