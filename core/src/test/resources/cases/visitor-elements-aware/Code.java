interface Tree { void meet(Wanderer w); }
class Oak implements Tree { int rings = 90; public void meet(Wanderer w) { if (w instanceof Forester) rings++; w.oak(this); } }
class Birch implements Tree { public void meet(Wanderer w) { w.birch(this); } }
interface Wanderer { void oak(Oak o); void birch(Birch b); }
class Forester implements Wanderer { int age; public void oak(Oak o) { age += o.rings; } public void birch(Birch b) { age += 20; } }
