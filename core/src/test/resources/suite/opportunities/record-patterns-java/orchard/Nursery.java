package orchard;

public record Nursery(int beds) implements Plot {
}
