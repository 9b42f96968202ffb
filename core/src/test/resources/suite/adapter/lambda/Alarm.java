package aldera;
interface Signal { void raise(String zone); }
class LampSignal implements Signal { private String lit; public void raise(String zone) { lit = zone; } }
class OldHorn { private int blasts; void blow(int times) { blasts += times; } }
class Panel { private final Signal signal; Panel(Signal signal) { this.signal = signal; } void trip(String zone) { signal.raise(zone); } }
class Wiring {
  Panel lamp() { return new Panel(new LampSignal()); }
  Panel horn(OldHorn horn) { return new Panel(zone -> horn.blow(zone.length())); }
}
