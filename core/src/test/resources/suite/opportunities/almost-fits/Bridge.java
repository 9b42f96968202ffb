package aldera;
class ShipBridge {
  private final Clock clock = new QuartzClock();
  private final Chronometer spare = new Chronometer();
  long noon() { return clock.now(); }
  long check() { return spare.now() - clock.now(); }
}
