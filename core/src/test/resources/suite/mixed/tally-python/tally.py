from __future__ import annotations

import functools
from typing import Callable, Protocol


class Meter(Protocol):
    def value(self) -> float: ...


class RawMeter:
    def __init__(self, litres: float):
        self._litres = litres

    def value(self) -> float:
        return self._litres


class Scaled:
    def __init__(self, meter: Meter, factor: float):
        self._meter = meter
        self._factor = factor

    def value(self) -> float:
        return self._meter.value() * self._factor


class Clamped:
    def __init__(self, meter: Meter, top: float):
        self._meter = meter
        self._top = top

    def value(self) -> float:
        return min(self._top, self._meter.value())


class Registry:
    _instance: Registry | None = None

    def __new__(cls) -> Registry:
        if cls._instance is None:
            cls._instance = super().__new__(cls)
            cls._instance.meters = {}
        return cls._instance

    def add(self, name: str, meter: Meter) -> None:
        self.meters[name] = meter

    def total(self) -> float:
        return sum(meter.value() for meter in self.meters.values())


def main() -> None:
    Registry().add("fuel", Clamped(Scaled(RawMeter(30), 1.1), 100))
    Registry().add("water", RawMeter(12))
    print(Registry().total())


main()
