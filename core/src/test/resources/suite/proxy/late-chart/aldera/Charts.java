package aldera;

import java.util.HashMap;
import java.util.Map;

interface ChartStore { byte[] chart(String area); boolean has(String area); }

final class DiskCharts implements ChartStore {
    private final Map<String, byte[]> all = new HashMap<>();
    DiskCharts(String folder) { all.put(folder, new byte[10]); }
    @Override public byte[] chart(String area) { return all.get(area); }
    @Override public boolean has(String area) { return all.containsKey(area); }
}

final class LicensedCharts implements ChartStore {
    private final String folder;
    private final License license;
    private ChartStore real;

    LicensedCharts(String folder, License license) {
        this.folder = folder;
        this.license = license;
    }

    private ChartStore real() {
        if (real == null) {
            real = new DiskCharts(folder);
        }
        return real;
    }

    @Override public byte[] chart(String area) {
        if (!license.covers(area)) {
            throw new SecurityException("no licence for " + area);
        }
        return real().chart(area);
    }

    @Override public boolean has(String area) { return real().has(area); }
}

record License(String holder, String region) {
    boolean covers(String area) { return area.startsWith(region); }
}

final class Bridge {
    private final ChartStore charts;
    Bridge(ChartStore charts) { this.charts = charts; }
    int show(String area) { return charts.has(area) ? charts.chart(area).length : 0; }
    public static void main(String[] args) {
        new Bridge(new LicensedCharts("/charts", new License("Aldera", "N"))).show("N1");
    }
}
