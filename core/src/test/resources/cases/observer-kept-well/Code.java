import java.util.*;
interface Bell { void rung(int hour); }
class Tower { private final List<Bell> bells = new ArrayList<>(); private int hour;
  void hang(Bell b) { bells.add(b); } void unhang(Bell b) { bells.remove(b); }
  void strike() { hour++; for (Bell b : List.copyOf(bells)) { b.rung(hour); } } }
class Monk implements Bell { int prayers; public void rung(int hour) { prayers += hour; } }
class Cook implements Bell { int soups; public void rung(int hour) { if (hour == 12) soups++; } }
class Abbey { void open() { Tower t = new Tower(); t.hang(new Monk()); t.hang(new Cook()); } }
