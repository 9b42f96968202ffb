package aldera.rules;

import aldera.fare.Fare;

public interface Rebate {
    int on(Fare fare);
}
