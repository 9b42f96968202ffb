package aldera.gauges;

import java.util.Map;
import java.util.function.Supplier;

interface Gauge {
    double read();
}

final class FloatGauge implements Gauge {
    @Override
    public double read() {
        return 1.5;
    }
}

final class PressureGauge implements Gauge {
    private final double bar;

    PressureGauge(double bar) {
        this.bar = bar;
    }

    @Override
    public double read() {
        return bar * 10.2;
    }
}

final class GaugeShelf {
    private static final Map<String, Supplier<Gauge>> MAKERS =
            Map.of("float", FloatGauge::new, "pressure", () -> new PressureGauge(1.0));

    Gauge take(String kind) {
        Supplier<Gauge> maker = MAKERS.get(kind);
        if (maker == null) {
            throw new IllegalArgumentException("no gauge of kind " + kind);
        }
        return maker.get();
    }
}

class Station {
    private final GaugeShelf shelf = new GaugeShelf();

    double measure(String kind) {
        return shelf.take(kind).read();
    }
}
