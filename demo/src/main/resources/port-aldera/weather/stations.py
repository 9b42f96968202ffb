"""Weather around the port."""
from __future__ import annotations

import copy
from abc import ABC, abstractmethod
from dataclasses import dataclass, field
from typing import Callable, Iterator, Optional, Protocol


class Sink(Protocol):
    def take(self, report: Report) -> None: ...


@dataclass
class Report:
    station: str
    knots: float = 0.0
    notes: list[str] = field(default_factory=list)

    def twin(self) -> Report:
        return copy.deepcopy(self)


class Sensor(ABC):
    @abstractmethod
    def measure(self) -> float: ...


class Vane(Sensor):
    def measure(self) -> float:
        return 4.0


class Calibrated(Sensor):
    def __init__(self, inner: Sensor, offset: float) -> None:
        self._inner = inner
        self._offset = offset

    def measure(self) -> float:
        return self._inner.measure() + self._offset

    def __getattr__(self, name):
        return getattr(self._inner, name)


class Station:
    _count = 0

    def __init__(self, name: str, sensor: Optional[Sensor] = None) -> None:
        self.name = name
        self._sensor = sensor or Vane()
        self._sinks: list[Sink] = []
        self._warn: Callable[[Report], None] | None = None
        Station._count += 1

    def attach(self, sink: Sink) -> None:
        self._sinks.append(sink)

    def on_storm(self, warn: Callable[[Report], None]) -> None:
        self._warn = warn

    def observe(self) -> Report:
        report = Report(self.name, self._sensor.measure())
        for sink in self._sinks:
            sink.take(report)
        if self._warn and report.knots > 40:
            self._warn(report)
        return report

    @property
    def quiet(self) -> bool:
        return not self._sinks

    @classmethod
    def count(cls) -> int:
        return cls._count


class Network:
    _instance = None

    def __new__(cls):
        if cls._instance is None:
            cls._instance = super().__new__(cls)
            cls._instance.stations = []
        return cls._instance

    def __iter__(self) -> Iterator[Station]:
        for station in self.stations:
            yield station
