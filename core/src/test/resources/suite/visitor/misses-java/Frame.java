package aldera.hull;

public class Frame extends Part {
    int metres = 3;

    @Override
    public void accept(PartVisitor visitor) {
        visitor.visit(this);
    }
}
