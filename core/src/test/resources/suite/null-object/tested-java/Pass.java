interface Pass { void punch(); boolean valid(); }
class DayPass implements Pass { private int n; public void punch() { n++; } public boolean valid() { return n < 9; } }
class NoPass implements Pass { public void punch() { } public boolean valid() { return false; } }
class Gate {
    private Pass pass = new NoPass();
    void show(Pass p) { pass = p; }
    void open() { if (pass != null) pass.punch(); }
}
class Rider { void ride(Gate g) { g.show(new DayPass()); g.open(); } }
