class Lock { void open(Key k) { k.turn(this); } int pins; }
interface Key { void turn(Lock l); }
class Brass implements Key { int n; public void turn(Lock l) { n += l.pins; } }
