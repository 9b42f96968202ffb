package aldera.tide;

/** Lets the probe be read as a level. */
public class ProbeLevel implements LevelSource {
    private final PressureProbe probe;

    public ProbeLevel(PressureProbe probe) {
        this.probe = probe;
    }

    @Override
    public Metres level() {
        return new Metres((probe.hectopascal() - 1013) / 100.5);
    }

    @Override
    public String where() {
        return "sea floor, probe " + probe.serialNumber();
    }

    @Override
    public boolean working() {
        return probe.answersWithin(250);
    }
}
