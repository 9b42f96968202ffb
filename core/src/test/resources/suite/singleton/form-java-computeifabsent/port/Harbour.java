package port;
public final class Harbour {
  private static HarbourClock clock;
  private Harbour() {}
  public static synchronized HarbourClock clock() {
    return clock != null ? clock : (clock = new HarbourClock());
  }
}
