package aldera.ledger;
public final class Ledger {
  private final java.util.List<String> lines = new java.util.ArrayList<>();
  private Ledger() {}
  private static final class Keeper { static final Ledger LEDGER = new Ledger(); }
  public static Ledger open() { return Keeper.LEDGER; }
  public synchronized void write(String line) { lines.add(line); }
  public synchronized int size() { return lines.size(); }
}
class Till {
  void sell(int cents) { Ledger.open().write("sold " + cents); }
}
