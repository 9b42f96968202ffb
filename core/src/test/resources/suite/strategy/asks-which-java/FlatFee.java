package aldera.fee;

public class FlatFee implements Fee {
    @Override
    public double of(double tons) {
        return 120;
    }
}
