package bell;

public class Bell {
    private RingListener listener;
    private int rings;

    public void addRingListener(RingListener more) {
        listener = RingChain.add(listener, more);
    }

    public void removeRingListener(RingListener old) {
        listener = RingChain.remove(listener, old);
    }

    public void pull() {
        rings++;
        if (listener != null) {
            listener.rung(rings);
        }
    }
}

class Porter implements RingListener {
    private int walked;

    @Override
    public void rung(int times) {
        walked += times;
    }
}

class Log implements RingListener {
    private final StringBuilder text = new StringBuilder();

    @Override
    public void rung(int times) {
        text.append(times);
    }
}

class House {
    void open(Bell bell) {
        bell.addRingListener(new Porter());
        bell.addRingListener(new Log());
    }
}
