package plan;

public interface Part {
    <R> R accept(PartVisitor<R> visitor);
}

record Quay(int metres) implements Part {
    public <R> R accept(PartVisitor<R> visitor) {
        return visitor.visitQuay(this);
    }
}

record Crane(int tons) implements Part {
    public <R> R accept(PartVisitor<R> visitor) {
        return visitor.visitCrane(this);
    }
}

record Shed(String name) implements Part {
    public <R> R accept(PartVisitor<R> visitor) {
        return visitor.visitShed(this);
    }
}
