interface Tariff { int dues(int tons); }
class Flat implements Tariff { public int dues(int tons) { return 90; } }
class PerTon implements Tariff { public int dues(int tons) { return 3 * tons; } }
interface Chooser { void use(Tariff tariff); }
class Desk implements Chooser {
    private Tariff tariff;
    Desk(Tariff tariff) { this.tariff = tariff; }
    public void use(Tariff tariff) { this.tariff = tariff; }
    int charge(int tons) { return tariff.dues(tons); }
}
class Season { void turn(Chooser chooser, boolean winter) { chooser.use(winter ? new Flat() : new PerTon()); } }
class Port { int run() { Desk desk = new Desk(new Flat()); new Season().turn(desk, false); return desk.charge(4); } }
