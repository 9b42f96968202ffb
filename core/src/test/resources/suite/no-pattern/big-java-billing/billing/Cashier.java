package aldera.billing;
public class Cashier {
  private Tariff tariff;
  public Cashier(Tariff tariff) { this.tariff = tariff; }
  public void use(Tariff tariff) { this.tariff = tariff; }
  public Invoice bill(String customer, Stay stay) {
    Money price = tariff.price(stay);
    return new Invoice.Builder().customer(customer).line(stay.ship(), price).build();
  }
  public static void main(String[] args) {
    Cashier cashier = new Cashier(new NightTariff(Money.ofEuros(2.5)));
    cashier.use(new Surcharged(new MonthTariff(), 10));
    System.out.println(cashier.bill("Ana", new Stay("Pulga", 8, 3, false)).text());
  }
}
