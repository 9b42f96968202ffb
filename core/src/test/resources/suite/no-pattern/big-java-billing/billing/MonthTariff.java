package aldera.billing;
public class MonthTariff implements Tariff {
  @Override public Money price(Stay stay) { return Money.ofEuros(40.0 * stay.metres() * Math.ceil(stay.nights() / 30.0)); }
}
