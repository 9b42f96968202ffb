package aldera.hazard;

public record Shoal(int depth) implements Hazard {
    @Override
    public <R> R accept(HazardVisitor<R> visitor) {
        return visitor.shoal(this);
    }
}
