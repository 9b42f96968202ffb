from abc import ABC, abstractmethod

class Gauge(ABC):
    @abstractmethod
    def level(self): ...
    @abstractmethod
    def calibrate(self, offset): ...

class RadarGauge(Gauge):
    def __init__(self):
        self._offset = 0
    def level(self):
        return 3.2 + self._offset
    def calibrate(self, offset):
        self._offset = offset

class CountedGauge(Gauge):
    def __init__(self, gauge: RadarGauge):
        self._gauge = gauge
        self.reads = 0
    def level(self):
        self.reads += 1
        return self._gauge.level()
    def calibrate(self, offset):
        self._gauge.calibrate(offset)
