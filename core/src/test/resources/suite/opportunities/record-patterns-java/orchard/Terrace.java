package orchard;

public record Terrace(int steps, int perStep) implements Plot {
}
