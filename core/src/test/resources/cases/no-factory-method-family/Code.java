interface Cup {} interface Plate {}
class TinCup implements Cup {} class TinPlate implements Plate {} class ClayCup implements Cup {} class ClayPlate implements Plate {}
interface Potter { Cup cup(); Plate plate(); }
class Tinsmith implements Potter { public Cup cup() { return new TinCup(); } public Plate plate() { return new TinPlate(); } }
class Clayman implements Potter { public Cup cup() { return new ClayCup(); } public Plate plate() { return new ClayPlate(); } }
class Inn { final Potter p; Inn(Potter p) { this.p = p; } Object lay() { p.cup(); return p.plate(); } }
