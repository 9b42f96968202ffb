package tax;

public record House(long value, int rooms) implements Asset {
    @Override
    public <R> R accept(AssetVisitor<R> visitor) {
        return visitor.house(this);
    }
}
