class Ledger {
    private static Ledger kept;
    private int entries;
    private Ledger() { }
    static Ledger ledger(boolean trial) {
        if (trial) {
            return new Ledger();
        }
        if (kept == null) {
            kept = new Ledger();
        }
        return kept;
    }
    void enter() { entries++; }
}
class Clerk { void write() { Ledger.ledger(false).enter(); } }
