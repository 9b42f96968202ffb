interface Song { int length(); }
class Psalm implements Song { public int length() { return 3; } }
class Shanty implements Song { public int length() { return 9; } }
abstract class Choir { int evening() { return pick().length() + pick().length(); } protected abstract Song pick(); }
class Monks extends Choir { protected Song pick() { return new Psalm(); } }
class Sailors extends Choir { protected Song pick() { return new Shanty(); } }
