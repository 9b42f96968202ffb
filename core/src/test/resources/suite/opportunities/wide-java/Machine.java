interface Machine { void print(); void scan(); void fax(); }
class Office implements Machine { private int n; public void print() { n++; } public void scan() { n--; } public void fax() { n = 0; } }
class Old implements Machine { private int n; public void print() { n++; } public void scan() { throw new UnsupportedOperationException(); } public void fax() { } }
interface Narrow { int a(); int b(); }
class Full implements Narrow { public int a() { return 1; } public int b() { return 2; } }
