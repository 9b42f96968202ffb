package aldera;

public abstract class Outfit {
    public abstract Rope rope(int metres);

    public abstract Anchor anchor();

    public Flag flag() {
        return new PlainFlag();
    }
}
