package aldera;

public record Term(int days) implements Clause {
    @Override
    public <R> R accept(ClauseVisitor<R> visitor) {
        return visitor.term(this);
    }
}
