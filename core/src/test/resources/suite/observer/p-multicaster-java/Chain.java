package bell;

interface RingListener {
    void rung(int times);
}

class RingChain implements RingListener {
    private final RingListener first;
    private final RingListener second;

    private RingChain(RingListener first, RingListener second) {
        this.first = first;
        this.second = second;
    }

    static RingListener add(RingListener to, RingListener more) {
        return to == null ? more : new RingChain(to, more);
    }

    static RingListener remove(RingListener from, RingListener old) {
        if (from == old || from == null) {
            return null;
        }
        return from instanceof RingChain chain ? chain.without(old) : from;
    }

    private RingListener without(RingListener old) {
        return add(remove(first, old), remove(second, old));
    }

    @Override
    public void rung(int times) {
        first.rung(times);
        second.rung(times);
    }
}
