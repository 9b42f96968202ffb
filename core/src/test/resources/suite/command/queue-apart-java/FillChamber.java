package lock;

public class FillChamber implements LockJob {
    private final Chamber chamber;
    private final int level;

    public FillChamber(Chamber chamber, int level) {
        this.chamber = chamber;
        this.level = level;
    }

    @Override
    public void run() {
        chamber.fillTo(level);
    }
}
