package aldera.billing;
public final class Money {
  private final long cents;
  private Money(long cents) { this.cents = cents; }
  public static Money ofCents(long cents) { return new Money(cents); }
  public static Money ofEuros(double euros) { return new Money(Math.round(euros * 100)); }
  public Money plus(Money other) { return new Money(cents + other.cents); }
  public Money times(double factor) { return new Money(Math.round(cents * factor)); }
  public long cents() { return cents; }
}
