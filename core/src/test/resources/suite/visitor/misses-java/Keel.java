package aldera.hull;

public class Keel extends Part {
    int tons = 40;

    @Override
    public void accept(PartVisitor visitor) {
    }
}
