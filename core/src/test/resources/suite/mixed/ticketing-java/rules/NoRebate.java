package aldera.rules;

import aldera.fare.Fare;

final class NoRebate implements Rebate {
    @Override
    public int on(Fare fare) {
        return 0;
    }
}
