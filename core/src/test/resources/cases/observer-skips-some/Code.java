import java.util.*;
interface Bell { boolean awake(); void rung(int hour); }
class Tower { private final List<Bell> bells = new ArrayList<>(); private int hour;
  void hang(Bell b) { bells.add(b); }
  void strike() { hour++; for (Bell b : bells) { if (b.awake()) { b.rung(hour); } } } }
class Monk implements Bell { int p; public boolean awake() { return p < 7; } public void rung(int hour) { p += hour; } }
