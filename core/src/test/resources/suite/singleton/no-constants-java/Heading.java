final class Heading {
    public static final Heading NORTH = new Heading(0);
    public static final Heading EAST = new Heading(90);
    private final int degrees;
    private Heading(int degrees) { this.degrees = degrees; }
    static Heading north() { return NORTH; }
    int degrees() { return degrees; }
}
class Helm { int steer() { return Heading.north().degrees() + Heading.EAST.degrees(); } }
