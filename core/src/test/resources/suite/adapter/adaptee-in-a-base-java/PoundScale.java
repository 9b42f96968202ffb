package aldera.scale;

public class PoundScale extends BalanceScale {
    public PoundScale(Balance balance) {
        super(balance);
    }

    @Override
    public double kilos() {
        return balance.pounds() * 0.4536;
    }
}
