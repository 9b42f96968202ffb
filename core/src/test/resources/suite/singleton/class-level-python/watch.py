from gauge import TideGauge


class Watchman:
    def hourly(self):
        TideGauge().rise(3)
