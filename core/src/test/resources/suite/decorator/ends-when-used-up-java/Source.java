package aldera;
import java.util.*;
interface Source<T> { T next(); boolean more(); }
final class ListSource<T> implements Source<T> {
    private final Deque<T> items; ListSource(Collection<T> c) { items = new ArrayDeque<>(c); }
    public T next() { return items.poll(); } public boolean more() { return !items.isEmpty(); }
}
final class Logged<T> implements Source<T> {
    private final Source<? extends T> inner; Logged(Source<? extends T> inner) { this.inner = Objects.requireNonNull(inner); }
    public T next() { T t = inner.next(); System.out.println(t); return t; } public boolean more() { return inner.more(); }
}
final class Limited<T> implements Source<T> {
    private final Source<T> inner; private int left; Limited(Source<T> inner, int left) { this.inner = inner; this.left = left; }
    public T next() { left--; return inner.next(); } public boolean more() { return left > 0 && inner.more(); }
}
class Use { void go() { Source<String> s = new Limited<>(new Logged<>(new ListSource<>(List.of("a"))), 3); while (s.more()) s.next(); } }
