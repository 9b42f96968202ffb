package aldera.sale;

import aldera.fare.Fare;

public class Till implements SaleWatcher {
    private int sum;

    @Override
    public void sold(Fare fare, int due) {
        sum += due;
    }

    public int sum() {
        return sum;
    }
}
