package door;

public record Visit(int hour, String badge) {
}
