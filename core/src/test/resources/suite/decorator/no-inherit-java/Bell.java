interface Bell { void ring(); }
class ShipBell implements Bell { protected int rung; public void ring() { rung++; } }
class LoudBell extends ShipBell { public void ring() { rung++; rung++; } }
class Watch { void noon(Bell b) { b.ring(); } void set() { noon(new LoudBell()); } }
