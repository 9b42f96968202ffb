package aldera;
class PortClock {
  protected static PortClock instance;
  private int offset;
  protected PortClock() {}
  static synchronized PortClock get() { if (instance == null) instance = new PortClock(); return instance; }
  int now() { return 8 + offset; }
  void shift(int by) { offset += by; }
}
class FastClock extends PortClock { @Override int now() { return super.now() + 1; } }
class Tower { int hour() { return PortClock.get().now(); } }
class Test { int hour() { return new FastClock().now(); } }
