interface Brush { void clean(Pot p); }
class Soft implements Brush { int n; public void clean(Pot p) { n += p.size; } }
class Wire implements Brush { int n; public void clean(Pot p) { n -= p.size; } }
final class Pot { int size = 3; void wash(Brush b) { b.clean(this); } }
