package tax;

public class Describe implements AssetVisitor<String> {
    @Override
    public String house(House house) {
        return "a house of " + house.rooms() + " rooms";
    }

    @Override
    public String car(Car car) {
        return "a car of " + car.year();
    }

    @Override
    public String savings(Savings savings) {
        return "money";
    }
}
