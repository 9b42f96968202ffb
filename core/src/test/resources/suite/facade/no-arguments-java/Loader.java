class Crane { private int n; void lift() { n++; } }
class Truck { private int n; void drive() { n++; } }
class Loader { private int loads; void load(Crane c, Truck t) { c.lift(); t.drive(); loads++; } }
class Yard { void work(Loader l, Crane c, Truck t) { l.load(c, t); } }
