public final class Rope {
    private final double metres;
    private Rope(double metres) { this.metres = metres; }
    public static Rope ofMetres(double metres) { return new Rope(metres); }
    public static Rope ofFathoms(double fathoms) { return new Rope(fathoms * 1.8288); }
    public double metres() { return metres; }
}
class Bosun { double measure() { return Rope.ofMetres(3).metres() + Rope.ofFathoms(2).metres(); } }
