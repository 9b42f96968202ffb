abstract class Tree { void meet(Wanderer w) { w.at(this); } }
class Oak extends Tree { int rings = 90; } class Birch extends Tree { Forester last; }
interface Wanderer { void at(Tree t); }
class Forester implements Wanderer { int age; public void at(Tree t) { if (t instanceof Oak o) age += o.rings; else age += 20; } }
class Wood { int survey(Tree t) { Forester f = new Forester(); t.meet(f); return f.age; } }
