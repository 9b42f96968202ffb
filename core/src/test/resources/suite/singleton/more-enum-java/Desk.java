package aldera.berths;

public class Desk {
    public boolean moor(String ship) {
        if (!Berths.INSTANCE.free(3)) {
            return false;
        }
        Berths.INSTANCE.take(3, ship);
        return true;
    }
}
