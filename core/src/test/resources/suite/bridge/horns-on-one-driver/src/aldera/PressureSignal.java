package aldera;

public class PressureSignal extends FogSignal {
    private final AirDriver air;

    public PressureSignal(AirDriver air) {
        super(air);
        this.air = air;
    }

    @Override
    public void warn() {
        if (air.bars() > 2) {
            super.warn();
        }
    }
}
