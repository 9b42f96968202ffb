package aldera;
interface Escort { void follow(String ship); int lines(); boolean ready(); }
class TugEscort implements Escort { private int lines; public void follow(String ship) { lines++; } public int lines() { return lines; } public boolean ready() { return lines < 3; } }
enum NoEscort implements Escort { INSTANCE; public void follow(String ship) { } public int lines() { return 0; } public boolean ready() { return false; } }
class Passage {
  private Escort escort = NoEscort.INSTANCE;
  void escort(Escort escort) { this.escort = escort == null ? NoEscort.INSTANCE : escort; }
  int enter(String ship) { escort.follow(ship); return escort.lines(); }
}
class Pilot { int bring(boolean large) { Passage p = new Passage(); if (large) p.escort(new TugEscort()); return p.enter("Gaviota"); } }
