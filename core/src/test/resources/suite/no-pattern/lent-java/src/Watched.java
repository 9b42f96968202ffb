package aldera;

import java.util.Iterator;

public class Watched<T> implements Iterable<T> {
    private final Iterable<T> inner;
    private int walks;

    public Watched(Iterable<T> inner) {
        this.inner = inner;
    }

    @Override
    public Iterator<T> iterator() {
        walks++;
        return inner.iterator();
    }

    public int walks() {
        return walks;
    }
}
