package orchard;

public class Bailiff {
    public int trees(Plot plot) {
        return switch (plot) {
            case Row(int trees, int gap) -> trees;
            case Terrace(var steps, var perStep) -> steps * perStep;
            case Nursery(int beds) -> beds * 40;
        };
    }

    public double hours(Plot plot) {
        return switch (plot) {
            case Row row -> row.trees() * 0.2;
            case Terrace terrace when terrace.steps() > 10 -> 30;
            case Terrace terrace -> terrace.steps() * 2;
            case Nursery nursery -> nursery.beds() * 1.5;
        };
    }
}
