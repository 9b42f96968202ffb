class Lamp {
  lit1() { return 1; }
  lit2() { return 2; }
  lit3() { return 3; }
  lit4() { return 4; }
  lit5() { return 5; }
  lit6() { return 6; }
  lit7() { return 7; }
  lit8() { return 8; }
  lit9() { return 9; }
  lit10() { return 10; }
  lit11() { return 11; }
  lit12() { return 12; }
  lit13() { return 13; }
  lit14() { return 14; }
  lit15() { return 15; }
  lit16() { return 16; }
  lit17() { return 17; }
  lit18() { return 18; }
  lit19() { return 19; }
  lit20() { return 20; }
  lit21() { return 21; }
  lit22() { return 22; }
  lit23() { return 23; }
  lit24() { return 24; }
  lit25() { return 25; }
  lit26() { return 26; }
  lit27() { return 27; }
  lit28() { return 28; }
  lit29() { return 29; }
  lit30() { return 30; }
  lit31() { return 31; }
  lit32() { return 32; }
  lit33() { return 33; }
  lit34() { return 34; }
  lit35() { return 35; }
  lit36() { return 36; }
  lit37() { return 37; }
  lit38() { return 38; }
  lit39() { return 39; }
  lit40() { return 40; }
}

if (process.argv.length) {
  const v = new Lamp();
  v.lit1();
}
for (let i = 0; i < 3; i++) { const v = new Lamp(); v.lit2(); }
for (const q of [1]) { let v = new Lamp(); v.lit3(); }
try { const v = new Lamp(); v.lit4(); } catch (e) { const v = new Lamp(); v.lit5(); } finally { new Lamp().lit6(); }
(function () { var v = new Lamp(); v.lit7(); })();
(() => { const v = new Lamp(); v.lit8(); })();
(async () => { const v = new Lamp(); await v.lit9(); })();
switch (1) { case 1: { const v = new Lamp(); v.lit10(); break; } default: new Lamp().lit11(); }
class Yard {
  v = new Lamp();
  static s = new Lamp();
  #p = new Lamp();
  static { Yard.s.lit12(); }
  get g() { return this.v.lit13(); }
  set g(x) { this.v.lit14(); }
  #hidden() { return this.#p.lit15(); }
  arrow = () => { this.v.lit16(); };
  *gen() { yield this.v.lit17(); }
  async as() { for await (const x of y()) { this.v.lit18(); } }
  m() {
    const self = this;
    setTimeout(function () { self.v.lit19(); }, 1);
    setTimeout(() => this.v.lit20(), 1);
    const { v } = this;
    v.lit21();
    const t = `${this.v.lit22()}`;
    const [a, b] = [new Lamp(), new Lamp()];
    a.lit23(); b.lit24();
    this.v?.lit25();
    do { this.v.lit26(); } while (this.v.lit27());
    return this.v.lit28() ? this.v.lit29() : [this.v.lit30(), { k: this.v.lit31() }];
  }
  d(v = new Lamp()) { v.lit32(); function inner() { v.lit33(); } inner(); new Promise((r) => { v.lit34(); }).then(() => v.lit35()); }
}
const obj = { v: new Lamp(), run() { this.v.lit36(); }, fn: function () { const v = new Lamp(); v.lit37(); } };
abstract class Old { constructor(protected readonly v: Lamp) {} run<T extends Lamp>(t: T) { t.lit38(); } }
namespace N { export function go() { const v = new Lamp(); v.lit39(); } }
export const x = () => { const v = new Lamp(); v.lit40(); };
