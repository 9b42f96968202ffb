package aldera.sale;

import aldera.fare.Fare;
import aldera.rules.Rebate;
import aldera.rules.Rebates;
import java.util.ArrayList;
import java.util.List;

public class Counter {
    private final List<SaleWatcher> watchers = new ArrayList<>();
    private Rebate rebate = Rebates.none();

    public void use(Rebate rebate) {
        this.rebate = rebate;
    }

    public void join(SaleWatcher watcher) {
        watchers.add(watcher);
    }

    public void leave(SaleWatcher watcher) {
        watchers.remove(watcher);
    }

    public int sell(Fare fare) {
        int due = fare.cents() - rebate.on(fare);
        for (SaleWatcher watcher : List.copyOf(watchers)) {
            watcher.sold(fare, due);
        }
        return due;
    }
}
