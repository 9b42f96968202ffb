interface Sail { int area(); }
class Jib implements Sail { public int area() { return 9; } }
class Main implements Sail { public int area() { return 40; } }
abstract class Loft { abstract Sail cut(); int price() { return cut().area() * 3; } }
class JibLoft extends Loft { Sail cut() { return new Jib(); } }
class MainLoft extends Loft { Sail cut() { return new Main(); } }
