class Lamp {
  int lit1() { return 1; }
  int lit2() { return 2; }
  int lit3() { return 3; }
  int lit4() { return 4; }
  int lit5() { return 5; }
  int lit6() { return 6; }
  int lit7() { return 7; }
  int lit8() { return 8; }
  int lit9() { return 9; }
  int lit10() { return 10; }
  int lit11() { return 11; }
  int lit12() { return 12; }
  int lit13() { return 13; }
  int lit14() { return 14; }
  int lit15() { return 15; }
  int lit16() { return 16; }
  int lit17() { return 17; }
  int lit18() { return 18; }
  int lit19() { return 19; }
  int lit20() { return 20; }
  int lit21() { return 21; }
  int lit22() { return 22; }
  int lit23() { return 23; }
  int lit24() { return 24; }
  int lit25() { return 25; }
  int lit26() { return 26; }
  int lit27() { return 27; }
  int lit28() { return 28; }
  int lit29() { return 29; }
  int lit30() { return 30; }
  int lit31() { return 31; }
  int lit32() { return 32; }
  int lit33() { return 33; }
  int lit34() { return 34; }
  int lit35() { return 35; }
  int lit36() { return 36; }
  int lit37() { return 37; }
  int lit38() { return 38; }
  int lit39() { return 39; }
  int lit40() { return 40; }
}

import java.util.*; import java.util.function.*;
class Yard {
  static Lamp s = new Lamp();
  Lamp v = new Lamp();
  static { s.lit1(); }
  { v.lit2(); }
  Yard(Lamp x) { x.lit3(); }
  int m() throws Exception {
    if (true) { var w = new Lamp(); w.lit4(); }
    for (Lamp w = new Lamp(); w.lit5() > 1; w.lit6()) { w.lit7(); }
    for (Lamp w : List.of(new Lamp())) { w.lit8(); }
    try (U u = new U()) { v.lit9(); } catch (RuntimeException e) { v.lit10(); } finally { v.lit11(); }
    switch (v.lit12()) { case 1: v.lit13(); break; default: v.lit14(); }
    int r = switch (v.lit15()) { case 1 -> v.lit16(); case 2 -> { yield v.lit17(); } default -> v.lit18(); };
    do { v.lit19(); } while (v.lit20() > 1);
    synchronized (v) { v.lit21(); }
    Runnable a = () -> v.lit22();
    Supplier<Integer> b = v::lit23;
    Runnable c = new Runnable() { public void run() { v.lit24(); } };
    class Local { int go() { return v.lit25(); } }
    record Rec(Lamp held) { int go() { return held.lit26(); } }
    outer: for (;;) { v.lit27(); break outer; }
    assert v.lit28() > 1 : v.lit29();
    Object o = v;
    if (o instanceof Lamp w && w.lit30() > 1) { w.lit31(); }
    Lamp[] arr = { new Lamp() }; arr[0].lit32();
    return v.lit33() > 1 ? v.lit34() : (int) v.lit35();
  }
  interface I { default int d(Lamp x) { return x.lit36(); } static int st(Lamp x) { return x.lit37(); } private int p(Lamp x) { return x.lit38(); } }
  enum E { ONE { int go() { return new Lamp().lit39(); } }; abstract int go(); }
  <T extends Lamp> int t(T t) { return t.lit40(); }
}
class U implements AutoCloseable { public void close() {} }
