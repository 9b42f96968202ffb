package port;
public final class HarbourClock {
  private long minutes;
  HarbourClock() {}
  public void pass(int more) { minutes += more; }
  public long minutes() { return minutes; }
}
