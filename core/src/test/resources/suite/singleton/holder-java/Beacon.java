public class Beacon {
    private int flashes;
    private Beacon() { }
    private static class Kept { private static final Beacon ONE = new Beacon(); }
    public static Beacon beacon() { return Kept.ONE; }
    public void flash() { flashes++; }
}
class Keeper { void night() { Beacon.beacon().flash(); } }
