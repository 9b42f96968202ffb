package post;
interface Stamp { int cents(); }
class Local implements Stamp { public int cents() { return 60; } }
class Abroad implements Stamp { public int cents() { return 110; } }
class Counter { int sell(int letters) { int sum = 0; for (int i = 0; i < letters; i++) sum += stamp().cents(); return sum; } protected Stamp stamp() { return new Local(); } }
class AirportCounter extends Counter { @Override protected Stamp stamp() { return new Abroad(); } }
class Post { int day(Counter c) { return c.sell(3); } public static void main(String[] a) { new Post().day(new AirportCounter()); } }
