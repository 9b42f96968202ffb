package door;

public class Hours implements Rule {
    private final int from;
    private final int to;

    public Hours(int from, int to) {
        this.from = from;
        this.to = to;
    }

    @Override
    public boolean allows(Visit visit) {
        return visit.hour() >= from && visit.hour() < to;
    }
}
