package theatre;

public class DropCurtain implements Runnable {
    private final FlyTower tower;

    public DropCurtain(FlyTower tower) {
        this.tower = tower;
    }

    @Override
    public void run() {
        tower.drop();
    }
}
