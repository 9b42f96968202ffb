import java.util.*;
interface Bell { void rung(int hour); }
class Tower { private final List<Bell> bells = new ArrayList<>(); private int hour;
  void hang(Bell b) { bells.add(b); }
  void strike() { hour++; for (Bell b : bells) { b.rung(hour); } }
  void unhang(Bell b { bells.
  } }
class Monk implements Bell { int prayers; public void rung(int hour) { prayers += hour; } }
