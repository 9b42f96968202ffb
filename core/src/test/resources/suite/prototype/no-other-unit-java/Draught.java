package aldera;
enum Unit { METRE, FOOT }
class Draught {
    private final double amount;
    private final Unit unit;
    Draught(double amount, Unit unit) { this.amount = amount; this.unit = unit; }
    Draught inFeet() { return new Draught(amount * 3.28, Unit.FOOT); }
    double amount() { return amount; }
}
class DraughtBoard {
    String show(Draught draught) { return draught.inFeet().amount() + " ft"; }
}
