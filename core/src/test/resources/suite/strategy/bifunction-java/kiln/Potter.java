package kiln;

public class Potter {
    private static int steep(int start, int minute) {
        return start + 9 * minute;
    }

    public FiringPlan bisque() {
        return new FiringPlan((start, minute) -> start + 2 * minute);
    }

    public FiringPlan glaze() {
        FiringPlan plan = bisque();
        plan.follow(Potter::steep);
        return plan;
    }
}
