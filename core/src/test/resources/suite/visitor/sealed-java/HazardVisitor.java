package aldera.hazard;

public interface HazardVisitor<R> {
    R wreck(Wreck wreck);

    R shoal(Shoal shoal);
}
