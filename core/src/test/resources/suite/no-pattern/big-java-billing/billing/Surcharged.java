package aldera.billing;
public class Surcharged implements Tariff {
  private final Tariff base; private final double percent;
  public Surcharged(Tariff base, double percent) { this.base = base; this.percent = percent; }
  @Override public Money price(Stay stay) { return base.price(stay).times(1 + percent / 100); }
}
