package aldera.sale;

import aldera.fare.Fare;

public interface SaleWatcher {
    void sold(Fare fare, int due);
}
