import java.util.*;
interface CargoVisitor { void grain(Grain g); void oil(Oil o); }
interface Cargo { void accept(CargoVisitor v); }
class Grain implements Cargo { int sacks = 3; public void accept(CargoVisitor v) { v.grain(this); } }
class Oil implements Cargo { int barrels = 2; public void accept(CargoVisitor v) { v.oil(this); } }
class Weigher implements CargoVisitor { private int kilos; public void grain(Grain g) { kilos += g.sacks * 50; } public void oil(Oil o) { kilos += o.barrels * 150; } }
class Taxer implements CargoVisitor { private int cents; public void grain(Grain g) { cents += g.sacks; } public void oil(Oil o) { cents += o.barrels * 9; } }
class Hold {
    private final List<Cargo> all = new ArrayList<>();
    void load(Cargo c) { all.add(c); }
    void inspect(CargoVisitor v) { for (Cargo c : all) c.accept(v); }
}
class Customs { void stop(Hold h) { h.inspect(new Weigher()); h.inspect(new Taxer()); } }
