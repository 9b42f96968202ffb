interface Greeter { String hello(String n); String bye(String n); String thanks(String n); }
class Clock { int hour() { return 9; } }
class Polite implements Greeter { final Clock clock; Polite(Clock c) { clock = c; }
  public String hello(String n) { return clock.hour() < 12 ? "Good morning " + n : "Good day " + n; }
  public String bye(String n) { return "Farewell " + n; } public String thanks(String n) { return "Thank you " + n; } }
class Desk { String meet(Greeter g) { return g.hello("Ada"); } }
