package aldera.hull;

public interface PartVisitor {
    void visit(Plate plate);

    void visit(Frame frame);
}
