interface Mast { int height(); }
interface Hull { int weight(); }
class TallMast implements Mast { public int height() { return 30; } }
class Funnel implements Mast { public int height() { return 12; } }
class WoodHull implements Hull { public int weight() { return 100; } }
class IronHull implements Hull { public int weight() { return 300; } }
interface FittingOut { Mast mast(); Hull hull(); }
class SailFitting implements FittingOut {
    public Mast mast() { return new TallMast(); }
    public Hull hull() { return new WoodHull(); }
}
class SteamFitting implements FittingOut {
    public Mast mast() { return new Funnel(); }
    public Hull hull() { return new IronHull(); }
}
class Shipyard {
    private final FittingOut out;
    Shipyard(FittingOut out) { this.out = out; }
    int build() { return out.mast().height() + out.hull().weight(); }
}
