interface Song { int length(); }
class Psalm implements Song { public int length() { return 3; } }
abstract class Choir { protected abstract Song pick(); int evening() { return 4; } }
class Monks extends Choir { protected Song pick() { return new Psalm(); } }
