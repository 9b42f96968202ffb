interface Route { int minutes(int km); }
class OnFoot implements Route { public int minutes(int km) { return km * 12; } }
class ByBoat implements Route { public int minutes(int km) { return 5 + km * 4; } }
class Trip { private Route route = new OnFoot(); void by(Route r) { route = r; } int plan(int km) { return route.minutes(km); } }
class Clerk { void book(Trip t) { t.by(new ByBoat()); } }
