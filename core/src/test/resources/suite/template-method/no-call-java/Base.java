abstract class Base { private int n; void count() { n++; add(); } private void add() { n += 2; } abstract int size(); }
class Small extends Base { int size() { return 1; } }
class Big extends Base { int size() { return 9; } }
class Use { int all(Base b) { b.count(); return b.size(); } }
