interface Scale { double kilos(); String label(); boolean steady(); }
class OldBalance { double pounds() { return 4; } String plate() { return "No 4"; } }
class BalanceFit implements Scale { private final OldBalance old; BalanceFit(OldBalance o) { old = o; }
  public double kilos() { return old.pounds() * 0.45; } public String label() { return "scale " + old.plate(); } public boolean steady() { return false; } }
class Grocer { double sell(Scale s) { return s.kilos(); } }
