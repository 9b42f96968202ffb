interface Meter { double litres(String unit); }
class DialMeter implements Meter { double v; public double litres(String unit) { return v * unit.length(); } }
class Float84 { double gallons(int k) { return 2 * k; } }
class Plant { double read(Meter m) { return m.litres("l"); }
  double old(Float84 f) { Meter wrapped = u -> f.gallons(u.length()) * 3.78; return read(wrapped); } }
