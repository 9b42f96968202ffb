package aldera;

public class GuardedRoom implements Room {
    private final ChartRoom room = new ChartRoom();
    private final Badge badge;

    public GuardedRoom(Badge badge) {
        this.badge = badge;
    }

    @Override
    public boolean open(int chart) {
        return badge.officer() && room.open(chart);
    }
}
