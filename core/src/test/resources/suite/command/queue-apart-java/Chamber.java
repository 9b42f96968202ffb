package lock;

public class Chamber {
    private int level;

    public void fillTo(int level) {
        this.level = level;
    }
}
