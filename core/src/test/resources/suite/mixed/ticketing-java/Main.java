package aldera;

import aldera.fare.Fare;
import aldera.rules.Rebates;
import aldera.sale.Counter;
import aldera.sale.Journal;
import aldera.sale.Till;
import java.util.List;

public class Main {
    public static void main(String[] args) {
        Counter counter = new Counter();
        Till till = new Till();
        Journal journal = new Journal();
        counter.join(till);
        counter.join(journal);
        counter.use(Rebates.best(List.of(Rebates.islanders(), Rebates.none())));
        counter.sell(Fare.in("A").costing(300).thereAndBack().issue());
        counter.leave(journal);
        counter.sell(Fare.in("B").payableIn("e").issue());
        System.out.println(till.sum() + journal.text());
    }
}
