class Tug { private int n; void pull() { n++; } }
class Pilot { private int n; void board() { n++; } }
class Lines { private int n; void tie() { n++; } }
class Ferry { void dock(Tug t, Pilot p, Lines l) { p.board(); t.pull(); l.tie(); } }
class Tanker { void moor(Tug t, Pilot p, Lines l) { p.board(); t.pull(); l.tie(); } }
class Canoe { void land(Lines l) { l.tie(); } }
