package aldera;

public record Price(int cents) implements Clause {
    @Override
    public <R> R accept(ClauseVisitor<R> visitor) {
        return visitor.price(this);
    }
}
