from gauges import Gauge


class Tower:
    def __init__(self, gauge: Gauge):
        self._gauge = gauge

    def line(self) -> str:
        return f"{self._gauge.label()}: {self._gauge.read()}"
