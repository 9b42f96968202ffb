package tax;

public interface AssetVisitor<R> {
    R house(House house);

    R car(Car car);

    R savings(Savings savings);
}
