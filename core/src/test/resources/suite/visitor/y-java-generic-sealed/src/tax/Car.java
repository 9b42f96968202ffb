package tax;

public record Car(long value, int year) implements Asset {
    @Override
    public <R> R accept(AssetVisitor<R> visitor) {
        return visitor.car(this);
    }
}
