interface Boat { int seats(); }
class Skiff implements Boat { public int seats() { return 2; } }
class Gig implements Boat { public int seats() { return 8; } }
abstract class Yard { int launch() { Boat b = build(); return b.seats() + 1; } protected abstract Boat build(); }
class SkiffYard extends Yard { protected Boat build() { return new Skiff(); } }
class GigYard extends Yard { protected Boat build() { return new Gig(); } }
