package theatre;

public class RaiseBackdrop implements Runnable {
    private final FlyTower tower;
    private final int metres;

    public RaiseBackdrop(FlyTower tower, int metres) {
        this.tower = tower;
        this.metres = metres;
    }

    @Override
    public void run() {
        tower.raise(metres);
    }
}
