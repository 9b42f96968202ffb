package harbour;

import java.util.HashMap;
import java.util.Map;

interface Charts {
    String sheet(String area);
}

class PaperCharts implements Charts {
    private int opened;

    @Override
    public String sheet(String area) {
        opened++;
        return "sheet of " + area + " no " + opened;
    }
}

class RememberedCharts implements Charts {
    private final Charts charts;
    private final Map<String, String> known = new HashMap<>();

    RememberedCharts(Charts charts) {
        this.charts = charts;
    }

    @Override
    public String sheet(String area) {
        return known.computeIfAbsent(area, charts::sheet);
    }
}

class Bridge {
    private final Charts charts;

    Bridge(Charts charts) {
        this.charts = charts;
    }

    String plot() {
        return charts.sheet("west") + charts.sheet("west");
    }

    static Bridge usual() {
        return new Bridge(new RememberedCharts(new PaperCharts()));
    }
}
