package aldera;
interface Clock { long now(); String zone(); void adjust(long millis); }
class QuartzClock implements Clock {
  private long offset;
  public long now() { return 1000 + offset; }
  public String zone() { return "UTC"; }
  public void adjust(long millis) { offset += millis; }
}
