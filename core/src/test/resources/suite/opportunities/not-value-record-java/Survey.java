package map;

public class Survey {
    public Point tower() {
        return new Point(1, 2, 3, "tower", 7, true);
    }
}
