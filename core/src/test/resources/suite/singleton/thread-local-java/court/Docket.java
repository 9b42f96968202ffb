package court;

import java.util.ArrayDeque;
import java.util.Deque;

public final class Docket {
    private static final ThreadLocal<Docket> CURRENT = ThreadLocal.withInitial(Docket::new);
    private final Deque<String> cases = new ArrayDeque<>();

    private Docket() {
    }

    public static Docket current() {
        return CURRENT.get();
    }

    public void call(String name) {
        cases.push(name);
    }
}
