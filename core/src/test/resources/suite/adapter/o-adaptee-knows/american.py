from __future__ import annotations

import thermometers


class FahrenheitProbe:
    def __init__(self, serial: str):
        self._serial = serial
        self._last = 0.0

    def hotter_than(self, other: thermometers.Thermometer) -> bool:
        return (self.measure() - 32) * 5 / 9 > other.celsius()

    def measure(self) -> float:
        self._last = 68.0
        return self._last

    def serial_number(self) -> str:
        return self._serial
