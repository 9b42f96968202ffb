package aldera.hull;

public class Plate extends Part {
    int millimetres = 12;

    @Override
    public void accept(PartVisitor visitor) {
        visitor.visit(this);
    }
}
