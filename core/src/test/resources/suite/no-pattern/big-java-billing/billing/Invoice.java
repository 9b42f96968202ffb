package aldera.billing;
import java.util.ArrayList;
import java.util.List;
public class Invoice {
  private final String customer; private final List<String> lines; private final Money total;
  private Invoice(Builder builder) { customer = builder.customer; lines = List.copyOf(builder.lines); total = builder.total; }
  public String text() { return customer + "\n" + String.join("\n", lines) + "\n" + total.cents(); }
  public static class Builder {
    private String customer; private final List<String> lines = new ArrayList<>(); private Money total = Money.ofCents(0);
    public Builder customer(String name) { customer = name; return this; }
    public Builder line(String text, Money amount) { lines.add(text); total = total.plus(amount); return this; }
    public Invoice build() {
      if (customer == null) throw new IllegalStateException("an invoice needs a customer");
      return new Invoice(this);
    }
  }
}
