package cargo;
public class Office {
    private final Register register = Setup.register();
    public int bill(String kind) { return register.make(kind).fee(); }
}
