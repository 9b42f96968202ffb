interface Watch { Watch next(); boolean mine(int fault); String name(); default String handle(int fault) { if (mine(fault)) return name(); return next() == null ? "nobody" : next().handle(fault); } }
record Sluice(Watch next) implements Watch { public boolean mine(int fault) { return fault < 3; } public String name() { return "sluice"; } }
record Gatehouse(Watch next) implements Watch { public boolean mine(int fault) { return fault < 7; } public String name() { return "gatehouse"; } }
class Lock { String report(int fault) { return new Sluice(new Gatehouse(null)).handle(fault); } }
