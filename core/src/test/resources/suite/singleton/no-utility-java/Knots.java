final class Knots {
    private static final double FACTOR = 1.852;
    private Knots() { }
    static double toKilometres(double knots) { return knots * FACTOR; }
}
class Log { double speed(double k) { return Knots.toKilometres(k); } }
