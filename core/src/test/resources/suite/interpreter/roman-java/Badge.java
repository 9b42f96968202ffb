package door;

public class Badge implements Rule {
    private final String colour;

    public Badge(String colour) {
        this.colour = colour;
    }

    @Override
    public boolean allows(Visit visit) {
        return visit.badge().equals(colour);
    }
}
