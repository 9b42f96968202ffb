package aldera;
interface PumpMode { void button(Pump pump); int litres(); }
class Idle implements PumpMode { public void button(Pump pump) { pump.switchTo(new Running()); } public int litres() { return 0; } }
class Running implements PumpMode { public void button(Pump pump) { pump.switchTo(new Idle()); } public int litres() { return 40; } }
class Flooded implements PumpMode { public void button(Pump pump) { } public int litres() { return -1; } }
class Pump {
  private PumpMode mode = new Idle(); private String label = "";
  void switchTo(PumpMode next) { mode = next; }
  void button() { if (mode instanceof Flooded) { label = "!"; return; } mode.button(this); }
  int litres() { return mode.litres(); }
}
class Hand { void day(Pump pump) { pump.button(); pump.litres(); } }
