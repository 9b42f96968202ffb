package aldera.board;

import java.util.ArrayList;
import java.util.List;

/** The board in the hall. */
public class ArrivalsBoard {
    private final List<Arrival> arrivals = new ArrayList<>();
    private SortOrder order = (one, other) -> one.minute() - other.minute();

    public void sortBy(SortOrder order) {
        this.order = order;
    }

    public void expect(Arrival arrival) {
        arrivals.add(arrival);
    }

    public Arrival first() {
        Arrival first = arrivals.getFirst();
        for (Arrival arrival : arrivals) {
            if (order.compare(arrival, first) < 0) {
                first = arrival;
            }
        }
        return first;
    }
}
