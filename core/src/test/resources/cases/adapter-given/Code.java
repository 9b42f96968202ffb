package water;
interface Meter { double litres(); boolean broken(); }
class Float84 { double gallons; double gallons() { return gallons; } String state() { return "ok"; } }
class FloatMeter implements Meter { private final Float84 f; FloatMeter(Float84 f) { this.f = f; } @Override public double litres() { return f.gallons() * 3.78; } @Override public boolean broken() { return !f.state().equals("ok"); } }
class Plant { private final Meter m; Plant(Meter m) { this.m = m; } double read() { return m.broken() ? 0 : m.litres(); } public static void main(String[] a) { new Plant(new FloatMeter(new Float84())).read(); } }
