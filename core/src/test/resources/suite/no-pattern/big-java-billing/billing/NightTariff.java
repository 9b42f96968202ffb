package aldera.billing;
public class NightTariff implements Tariff {
  private final Money perMetre;
  public NightTariff(Money perMetre) { this.perMetre = perMetre; }
  @Override public Money price(Stay stay) { return perMetre.times(stay.metres() * (double) stay.nights()); }
}
