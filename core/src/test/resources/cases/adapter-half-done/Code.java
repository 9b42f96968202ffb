interface Scale { double kilos(); String label(); void tare(); }
class OldBalance { double pounds(Scale s) { return 4; } String plate() { return "No 4"; } }
class BalanceFit implements Scale { private final OldBalance old = new OldBalance();
  public double kilos() { return old.pounds(this) * 0.45; } public String label() { return old.plate(); } public void tare() { throw new UnsupportedOperationException(); } }
class Grocer { BalanceFit fit; double sell(Scale s) { return s.kilos(); } }
