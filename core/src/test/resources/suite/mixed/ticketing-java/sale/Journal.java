package aldera.sale;

import aldera.fare.Fare;

public class Journal implements SaleWatcher {
    private final StringBuilder lines = new StringBuilder();

    @Override
    public void sold(Fare fare, int due) {
        lines.append(fare).append(" for ").append(due).append('\n');
    }

    public String text() {
        return lines.toString();
    }
}
