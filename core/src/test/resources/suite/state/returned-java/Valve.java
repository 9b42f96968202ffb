interface Position { Position turn(); int flow(); }
class Shut implements Position { public Position turn() { return new Open(); } public int flow() { return 0; } }
class Open implements Position { public Position turn() { return new Shut(); } public int flow() { return 9; } }
class Stuck implements Position { public Position turn() { return this; } public int flow() { return 1; } }
class Valve {
    private Position position = new Shut();
    void turn() { if (position instanceof Open) { System.out.println("closing"); } position = position.turn(); }
    int flow() { return position.flow(); }
}
class Plumber { int test(Valve v) { v.turn(); return v.flow(); } }
