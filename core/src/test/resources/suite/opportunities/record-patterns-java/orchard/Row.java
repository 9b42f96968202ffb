package orchard;

public record Row(int trees, int gap) implements Plot {
}
