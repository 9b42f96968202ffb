interface Mood { Mood next(); int smile(int n); }
class Glad implements Mood { public Mood next() { return new Sad(); } public int smile(int n) { return n * 2; } }
class Sad implements Mood { public Mood next() { return new Glad(); } public int smile(int n) { return n - 1; } }
class Child { private Mood mood; Child(Mood m) { mood = m; } int day(int n) { int s = mood.smile(n); mood = mood.next(); return s; } }
