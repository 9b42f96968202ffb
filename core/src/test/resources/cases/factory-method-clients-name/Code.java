interface Song { int length(); }
class Psalm implements Song { public int length() { return 3; } }
abstract class Choir { public abstract Song create(); }
class Monks extends Choir { private final Psalm kept = new Psalm(); public Song create() { if (kept.length() > 2) return kept; return new Psalm(); } }
class Hall { int play(Choir c) { Song s = c.create(); return s instanceof Psalm ? 1 : s.length(); } }
