from abc import ABC, abstractmethod


class Gauge(ABC):
    @abstractmethod
    def read(self) -> float: ...

    @abstractmethod
    def reset(self, level: float) -> None: ...

    @abstractmethod
    def label(self) -> str: ...


class FloatGauge(Gauge):
    def __init__(self):
        self.level = 0.0

    def read(self) -> float:
        return self.level

    def reset(self, level: float) -> None:
        self.level = level

    def label(self) -> str:
        return "float"


class RadarGauge(Gauge):
    def __init__(self):
        self.echo = 0.0

    def read(self) -> float:
        return self.echo / 2

    def reset(self, level: float) -> None:
        self.echo = level * 2

    def label(self) -> str:
        return "radar"
