package aldera.hazard;

public record Wreck(String name, int depth) implements Hazard {
    @Override
    public <R> R accept(HazardVisitor<R> visitor) {
        return visitor.wreck(this);
    }
}
