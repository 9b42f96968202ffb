interface Tea { int minutes(); }
class Green implements Tea { public int minutes() { return 2; } }
class Black implements Tea { public int minutes() { return 4; } }
class Shelf { Object pour(String key) { if (key.equals("g")) return new Green(); if (key.equals("b")) return new Black(); return null; } }
class Guest { Tea wait(Shelf s) { return (Tea) s.pour("g"); } Tea other() { return new Black(); } }
