package aldera.manifest;

public class Tally {
    public int tally() {
        Cargo box = new Box("lamps");
        Cargo barrel = new Barrel("oil");
        return box.count(new NamedFilter("la")) + barrel.count(new ShortFilter());
    }
}
