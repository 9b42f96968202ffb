package aldera;

public class FerryLeg extends Leg {
    private final int cars;

    public FerryLeg(String port, int cars) {
        super(port);
        this.cars = cars;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof FerryLeg && super.equals(other) && ((FerryLeg) other).cars == cars;
    }

    @Override
    public int hashCode() {
        return super.hashCode() + cars;
    }
}
