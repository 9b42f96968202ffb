package tax;

public record Savings(long cents) implements Asset {
    @Override
    public <R> R accept(AssetVisitor<R> visitor) {
        return visitor.savings(this);
    }
}
