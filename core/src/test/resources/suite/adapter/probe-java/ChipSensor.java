package heating;

public class ChipSensor implements Sensor {
    private final KelvinChip chip;

    public ChipSensor(KelvinChip chip) {
        this.chip = chip;
    }

    @Override
    public boolean ready() {
        return chip.state() == 0;
    }

    @Override
    public double celsius() {
        return chip.readKelvin() - 273.15;
    }
}
