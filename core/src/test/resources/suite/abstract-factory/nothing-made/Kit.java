package aldera;
interface Tent { int places(); }
interface Stove { int plates(); }
class BigTent implements Tent { public int places() { return 8; } }
class SmallTent implements Tent { public int places() { return 2; } }
class GasStove implements Stove { public int plates() { return 2; } }
class FairKit { private final KitMaker maker; FairKit(KitMaker maker) { this.maker = maker; } String pack() { Stove stove = maker.stove(); return maker.tent().places() + "/" + (stove == null ? 0 : stove.plates()); } }
interface KitMaker { Tent tent(); Stove stove(); }
class FairMaker implements KitMaker { public Tent tent() { return new BigTent(); } public Stove stove() { return new GasStove(); } }
class HikeMaker implements KitMaker { public Tent tent() { return new SmallTent(); } public Stove stove() { return null; } }
class Rental { String day(boolean fair) { return new FairKit(fair ? new FairMaker() : new HikeMaker()).pack(); } }
