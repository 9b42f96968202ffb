package weaving;

public abstract class Loom {
    private int woven;

    protected abstract Cloth cloth(int metres);

    public Cloth weave(int metres) {
        Cloth piece = cloth(metres);
        woven += piece.length();
        return piece;
    }
}
