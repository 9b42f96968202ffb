<?php
class Lamp {
  function lit1() { return 1; }
  function lit2() { return 2; }
  function lit3() { return 3; }
  function lit4() { return 4; }
  function lit5() { return 5; }
  function lit6() { return 6; }
  function lit7() { return 7; }
  function lit8() { return 8; }
  function lit9() { return 9; }
  function lit10() { return 10; }
  function lit11() { return 11; }
  function lit12() { return 12; }
  function lit13() { return 13; }
  function lit14() { return 14; }
  function lit15() { return 15; }
  function lit16() { return 16; }
  function lit17() { return 17; }
  function lit18() { return 18; }
  function lit19() { return 19; }
  function lit20() { return 20; }
  function lit21() { return 21; }
  function lit22() { return 22; }
  function lit23() { return 23; }
  function lit24() { return 24; }
  function lit25() { return 25; }
  function lit26() { return 26; }
  function lit27() { return 27; }
  function lit28() { return 28; }
  function lit29() { return 29; }
  function lit30() { return 30; }
  function lit31() { return 31; }
  function lit32() { return 32; }
  function lit33() { return 33; }
  function lit34() { return 34; }
  function lit35() { return 35; }
  function lit36() { return 36; }
  function lit37() { return 37; }
  function lit38() { return 38; }
  function lit39() { return 39; }
  function lit40() { return 40; }
}

if ($argc > 1) { $v = new Lamp(); $v->lit1(); }
foreach ([1] as $i) { $v = new Lamp(); $v->lit2(); }
for ($i = 0; $i < 3; $i++) { $w = new Lamp(); $w->lit3(); }
try { $x = new Lamp(); $x->lit4(); } catch (Exception $e) { $y = new Lamp(); $y->lit5(); } finally { (new Lamp())->lit6(); }
switch (1) { case 1: $z = new Lamp(); $z->lit7(); break; default: (new Lamp())->lit8(); }
function f() { $v = new Lamp(); $v->lit9(); static $s = null; if ($s === null) { $s = new Lamp(); } $s->lit10(); }
trait T { private ?Lamp $t = null; public function t() { $this->t ??= new Lamp(); $this->t->lit11(); } }
abstract class Yard {
  use T;
  private Lamp $v;
  protected static Lamp $s;
  public function __construct(private readonly Lamp $promoted) { $this->v = new Lamp(); $promoted->lit12(); }
  public static function st() { self::$s = new Lamp(); self::$s->lit13(); static::$s->lit14(); }
  public function __get($n) { return $this->v->lit15(); }
  public function m() {
    $f = function () { return $this->v->lit16(); };
    $v = new Lamp();
    $g = function () use ($v) { return $v->lit17(); };
    $h = fn() => $this->promoted->lit18();
    array_map(function (Lamp $x) { return $x->lit19(); }, []);
    $r = match (true) { $this->v->lit20() > 1 => $this->v->lit21(), default => $this->v->lit22() };
    $t = "{$this->v->lit23()} text";
    [$a, $b] = [new Lamp(), new Lamp()];
    $a->lit24(); $b->lit25();
    $this->v?->lit26();
    do { $v->lit27(); } while ($v->lit28());
    while ($v->lit29()) { $v->lit30(); }
    yield $v->lit31();
    return $v->lit32() ? $v->lit33() : ['k' => $v->lit34()];
  }
  public function d(?Lamp $v = null) { $v = $v ?? new Lamp(); $v->lit35(); echo $v->lit36(), $v->lit37(); if (!$v->lit38()): $v->lit39(); endif; }
  public function __destruct() { $o = new class { public function go() { $v = new Lamp(); $v->lit40(); } }; }
}
