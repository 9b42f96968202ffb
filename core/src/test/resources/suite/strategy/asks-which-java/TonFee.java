package aldera.fee;

public class TonFee implements Fee {
    @Override
    public double of(double tons) {
        return tons * 1.7;
    }
}
