interface Mix { double level(double in); }
class Warm implements Mix { public double level(double in) { return in * 0.9; } }
class Bright implements Mix { public double level(double in) { return Math.sqrt(in); } }
class Desk { private Mix mix; private Warm warm; Desk(Mix m) { mix = m; } double play(double in) { if (mix.getClass() == Bright.class) return 1; return mix.level(in); } }
class Studio { Desk a() { return new Desk(new Warm()); } Desk b() { return new Desk(new Bright()); } }
