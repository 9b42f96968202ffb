package harbour;

interface Meter {
    double litres();

    void reset();
}

class OldCounter {
    private int pulses;

    void pulse() {
        pulses++;
    }

    int readPulses() {
        return pulses;
    }

    void zero(int start) {
        pulses = start;
    }
}

class CounterMeter extends OldCounter implements Meter {
    @Override
    public double litres() {
        return readPulses() / 4.0;
    }

    @Override
    public void reset() {
        zero(0);
    }
}

class FloatMeter implements Meter {
    private double level;

    @Override
    public double litres() {
        return level;
    }

    @Override
    public void reset() {
        level = 0;
    }
}

class WaterBill {
    double sum(Meter meter) {
        double sum = meter.litres() * 3;
        meter.reset();
        return sum;
    }

    static void day() {
        new WaterBill().sum(new CounterMeter());
        new WaterBill().sum(new FloatMeter());
    }
}
