package theatre;

public class FlyTower {
    private int height;

    public void raise(int metres) {
        height += metres;
    }

    public void drop() {
        height = 0;
    }
}
