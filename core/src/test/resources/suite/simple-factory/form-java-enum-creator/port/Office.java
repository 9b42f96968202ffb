package port;
public final class Office { public int order(String kind) { return Plan.build(kind).draught(); } }
