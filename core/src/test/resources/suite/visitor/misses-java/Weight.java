package aldera.hull;

import java.util.List;

public class Weight implements PartVisitor {
    private double kilos;

    @Override
    public void visit(Plate plate) {
        kilos += plate.millimetres * 7.8;
    }

    @Override
    public void visit(Frame frame) {
        kilos += frame.metres * 30;
    }

    public static double of(List<Part> parts) {
        Weight weight = new Weight();
        parts.forEach(part -> part.accept(weight));
        return weight.kilos;
    }
}
