package harbour;

interface TideTable {
    double metresAt(int hour);
}

class OldGauge {
    int feetTimesTen(int minutes) {
        return 40 + minutes / 30;
    }
}

class GaugeTable implements TideTable {
    private final OldGauge gauge = new OldGauge();

    @Override
    public double metresAt(int hour) {
        return gauge.feetTimesTen(hour * 60) / 10.0 * 0.3048;
    }
}

class Pilot {
    private final TideTable table;

    Pilot(TideTable table) {
        this.table = table;
    }

    boolean canEnter(int hour, double draught) {
        return table.metresAt(hour) > draught + 0.5;
    }
}

class Office {
    Pilot pilot() {
        return new Pilot(new GaugeTable());
    }
}
