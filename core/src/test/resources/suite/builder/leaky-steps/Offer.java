package aldera;
final class Offer {
  private final String ship; private final int days; private final String crew;
  Offer(String ship, int days, String crew) { this.ship = ship; this.days = days; this.crew = crew; }
  String text() { return ship + " for " + days + " days with " + crew; }
}
class OfferBuilder {
  private String ship; private int days; private String crew;
  OfferBuilder ship(String ship) { this.ship = ship; return this; }
  OfferBuilder days(int days) { this.days = days; return this; }
  void crew(String crew) { this.crew = crew; }
  Offer build() { return new Offer(ship, days, crew); }
}
class Broker {
  Offer week(String ship) {
    OfferBuilder builder = new OfferBuilder();
    builder.ship(ship).days(7);
    builder.crew("four");
    return builder.build();
  }
  Offer quick() { return new Offer("Pulga", 1, "one"); }
}
