interface Gauge { int level(); void reset(int to); }
class TideGauge implements Gauge { private int l; public int level() { return l; } public void reset(int to) { l = to; } }
class OldGauge { private int l; int level() { return l; } void putBack(int to) { l = to; } }
class Clock { private int h; int hour() { return h; } void set(int to) { h = to; } }
class Pier { int read(Gauge g) { g.reset(0); return g.level(); } int old(OldGauge g) { g.putBack(0); return g.level(); } }
