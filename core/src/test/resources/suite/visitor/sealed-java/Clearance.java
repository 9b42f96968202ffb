package aldera.hazard;

public final class Clearance implements HazardVisitor<Boolean> {
    private final int draught;

    public Clearance(int draught) {
        this.draught = draught;
    }

    @Override
    public Boolean wreck(Wreck wreck) {
        return wreck.depth() > draught + 2;
    }

    @Override
    public Boolean shoal(Shoal shoal) {
        return shoal.depth() > draught;
    }

    public static boolean clear(java.util.List<Hazard> hazards, int draught) {
        return hazards.stream().allMatch(hazard -> hazard.accept(new Clearance(draught)));
    }
}
