package aldera.dues;

import java.util.HashMap;
import java.util.Map;

/** One ledger for the whole port. */
public final class Ledger {
    private static Ledger instance;
    private final Map<String, Long> accounts = new HashMap<>();

    private Ledger() {
    }

    public static synchronized Ledger instance() {
        if (instance == null) {
            instance = new Ledger();
        }
        return instance;
    }

    public void book(String account, long cents) {
        accounts.merge(account, cents, Long::sum);
    }
}
