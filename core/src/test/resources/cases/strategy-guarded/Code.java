package radio;
interface Mix { double level(double in); }
class Warm implements Mix { public double level(double in) { return in * 0.9; } }
class Bright implements Mix { public double level(double in) { return Math.sqrt(in); } }
class Desk { private Mix mix; void use(Mix m) { mix = m; } double play(double in) { if (mix == null) return in; return mix.level(in); } }
class Studio { void start(Desk d) { d.use(new Warm()); d.use(new Bright()); } }
