interface Tariff { int dues(int tons); }
class Flat implements Tariff { public int dues(int tons) { return 90; } }
class PerTon implements Tariff { public int dues(int tons) { return 3 * tons; } }
abstract class Desk { protected abstract Tariff tariff(); int charge(int tons) { return tariff().dues(tons) + 5; } }
class Quay extends Desk { private Tariff tariff; Quay(Tariff tariff) { this.tariff = tariff; } void use(Tariff tariff) { this.tariff = tariff; } protected Tariff tariff() { return tariff; } }
class Port { int run() { Quay quay = new Quay(new Flat()); quay.use(new PerTon()); return quay.charge(4); } }
