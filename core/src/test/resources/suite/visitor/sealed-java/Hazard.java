package aldera.hazard;

public sealed interface Hazard permits Wreck, Shoal {
    <R> R accept(HazardVisitor<R> visitor);
}
