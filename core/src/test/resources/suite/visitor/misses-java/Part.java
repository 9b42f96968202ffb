package aldera.hull;

public abstract class Part {
    public abstract void accept(PartVisitor visitor);
}
