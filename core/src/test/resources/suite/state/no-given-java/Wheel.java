interface Gear { int turn(int force); }
class Low implements Gear { public int turn(int f) { return f * 3; } }
class High implements Gear { public int turn(int f) { return f + 1; } }
class Wheel { private Gear gear; Wheel(Gear g) { gear = g; } void shift(Gear g) { gear = g; } int haul(int f) { return gear.turn(f); } }
class Sailor { int work() { Wheel w = new Wheel(new Low()); w.shift(new High()); return w.haul(4); } }
