package tax;

public class Duty implements AssetVisitor<Long> {
    @Override
    public Long house(House house) {
        return house.value() / 100 * house.rooms();
    }

    @Override
    public Long car(Car car) {
        return car.year() < 2010 ? 0 : car.value() / 50;
    }

    @Override
    public Long savings(Savings savings) {
        return savings.cents() / 1000;
    }
}
