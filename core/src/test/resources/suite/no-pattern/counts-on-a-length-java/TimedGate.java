package aldera;

public class TimedGate implements Gate {
    private final Span pause;
    private long next = -1;

    public TimedGate(Span pause) {
        this.pause = pause;
    }

    @Override
    public boolean tooSoon(long now) {
        if (now < next) {
            return true;
        }
        next = now + pause.milliseconds();
        return false;
    }
}
