class Permit {
    private final String who, ship, from, to; private final int days, fee;
    Permit(String who, String ship, String from, String to, int days, int fee) { this.who = who; this.ship = ship; this.from = from; this.to = to; this.days = days; this.fee = fee; }
}
class Tag { private final int a; Tag(int a) { this.a = a; } }
class Desk { Permit one() { return new Permit("a", "b", "c", "d", 1, 2); } Tag tag() { return new Tag(1); } }
class Gate { Permit two() { return new Permit("e", "f", "g", "h", 3, 4); } Tag tag() { return new Tag(2); } }
