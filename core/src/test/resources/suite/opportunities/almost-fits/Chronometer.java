package aldera;
class Chronometer {
  private long drift;
  public long now() { return 990 + drift; }
  public String meridian() { return "UTC"; }
  public void correct(long millis) { drift += millis; }
}
