package port;
public class Tower {
  public long wait(int more) { Harbour.clock().pass(more); return Harbour.clock().minutes(); }
}
