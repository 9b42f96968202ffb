package tax;

public sealed interface Asset permits House, Car, Savings {
    <R> R accept(AssetVisitor<R> visitor);
}
