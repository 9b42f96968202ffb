public class Cask {
    final int litres;
    public Cask(int litres) { this.litres = litres; }
    public static Cask small() { return new Cask(30); }
}
class Cooper { int make() { return Cask.small().litres + new Cask(9).litres; } }
