package plan;

public class Planner {
    private final Plan master = new Plan("standard");

    public Plan next() {
        return master.clone();
    }

    public Plan express(Plan from) {
        Plan copy = new Plan(from.getName());
        copy.getStops().addAll(from.getStops());
        copy.setSpeed(from.getSpeed());
        return copy;
    }
}
