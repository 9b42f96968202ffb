public class Lamp {
  public int lit1() => 1;
  public int lit2() => 2;
  public int lit3() => 3;
  public int lit4() => 4;
  public int lit5() => 5;
  public int lit6() => 6;
  public int lit7() => 7;
  public int lit8() => 8;
  public int lit9() => 9;
  public int lit10() => 10;
  public int lit11() => 11;
  public int lit12() => 12;
  public int lit13() => 13;
  public int lit14() => 14;
  public int lit15() => 15;
  public int lit16() => 16;
  public int lit17() => 17;
  public int lit18() => 18;
  public int lit19() => 19;
  public int lit20() => 20;
  public int lit21() => 21;
  public int lit22() => 22;
  public int lit23() => 23;
  public int lit24() => 24;
  public int lit25() => 25;
  public int lit26() => 26;
  public int lit27() => 27;
  public int lit28() => 28;
  public int lit29() => 29;
  public int lit30() => 30;
  public int lit31() => 31;
  public int lit32() => 32;
  public int lit33() => 33;
  public int lit34() => 34;
  public int lit35() => 35;
  public int lit36() => 36;
  public int lit37() => 37;
  public int lit38() => 38;
  public int lit39() => 39;
  public int lit40() => 40;
}

public delegate int D();
public class Yard {
  private readonly Lamp v = new Lamp();
  private static Lamp s;
  static Yard() { s = new Lamp(); s.lit1(); }
  public Yard(Lamp x) { x.lit2(); }
  ~Yard() { v.lit3(); }
  public int P => v.lit4();
  public int Q { get { return v.lit5(); } set { v.lit6(); } }
  public int this[int i] { get => v.lit7(); }
  public event System.Action Ev { add { v.lit8(); } remove { v.lit9(); } }
  public static Yard operator +(Yard a, Yard b) { a.v.lit10(); return a; }
  public int M() {
    if (true) { var w = new Lamp(); w.lit11(); }
    for (int i = 0; i < 3; i++) { Lamp w = new(); w.lit12(); }
    foreach (var q in new[] { new Lamp() }) { q.lit13(); }
    try { v.lit14(); } catch (System.Exception e) when (v.lit15() > 1) { v.lit16(); } finally { v.lit17(); }
    switch (v.lit18()) { case 1: v.lit19(); break; default: v.lit20(); break; }
    var r = v.lit21() switch { 1 => v.lit22(), _ => v.lit23() };
    do { v.lit24(); } while (v.lit25() > 1);
    using (var u = new U()) { v.lit26(); }
    using var u2 = new U();
    lock (v) { v.lit27(); }
    D d = () => v.lit28();
    System.Func<int> f = delegate { return v.lit29(); };
    int Local() { return v.lit30(); }
    Local();
    var t = $"{v.lit31()} text";
    var (a, b) = (new Lamp(), new Lamp());
    a.lit32(); b.lit33();
    v?.lit34();
    return v.lit35() > 1 ? v.lit36() : v.lit37();
  }
  public async System.Threading.Tasks.Task T() { await System.Threading.Tasks.Task.Run(() => v.lit38()); }
  public System.Collections.Generic.IEnumerable<int> Y() { yield return v.lit39(); }
}
public class U : System.IDisposable { public void Dispose() {} }
public record R(Lamp Held) { public int Go() => Held.lit40(); }
