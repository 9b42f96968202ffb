package weigh;

import java.util.function.Supplier;

public class TimedScale implements Scale {
    private final Scale inner;
    private long spent;

    public TimedScale(Scale inner) {
        this.inner = inner;
    }

    @Override
    public int weigh(String crate) {
        return timed(() -> inner.weigh(crate));
    }

    @Override
    public String unit() {
        return timed(() -> inner.unit());
    }

    private <T> T timed(Supplier<T> work) {
        long start = System.nanoTime();
        try {
            return work.get();
        } finally {
            spent += System.nanoTime() - start;
        }
    }

    public long spent() {
        return spent;
    }
}
