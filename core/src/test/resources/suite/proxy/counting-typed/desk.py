from gauge import CountedGauge, Gauge, RadarGauge

class TideDesk:
    def __init__(self, gauge: Gauge):
        self._gauge = gauge
    def report(self):
        return f"{self._gauge.level():.1f} m"

def open_desk():
    return TideDesk(CountedGauge(RadarGauge()))
