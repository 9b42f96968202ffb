package time;

public abstract class Clock {
    private static final Clock INSTANCE = new QuartzClock();
    private int zone;

    protected Clock() {
    }

    public static Clock get() {
        return INSTANCE;
    }

    public void zone(int hours) {
        zone = hours;
    }

    public int hour() {
        return (raw() + zone) % 24;
    }

    protected abstract int raw();

    private static final class QuartzClock extends Clock {
        @Override
        protected int raw() {
            return 11;
        }
    }
}
