package aldera;

class Clerk {
    void arrive(String ship) {
        Ledger.open().enter(ship);
    }
}
