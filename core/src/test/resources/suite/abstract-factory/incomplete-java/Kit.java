abstract class Lamp { abstract int reach(); }
abstract class Horn { abstract int tone(); }
class OilLamp extends Lamp { int reach() { return 2; } }
class DeepHorn extends Horn { int tone() { return 90; } }
abstract class Kit {
    abstract Lamp lamp();
    abstract Horn horn();
}
class RiverKit extends Kit {
    Lamp lamp() { return new OilLamp(); }
    Horn horn() { return null; }
}
class SeaKit extends Kit {
    Lamp lamp() { return new OilLamp(); }
    Horn horn() { return new DeepHorn(); }
}
class Chandler {
    private Kit kit;
    void use(Kit k) { kit = k; }
    int outfit() {
        OilLamp spare = new OilLamp();
        return kit.lamp().reach() + kit.horn().tone() + spare.reach();
    }
}
