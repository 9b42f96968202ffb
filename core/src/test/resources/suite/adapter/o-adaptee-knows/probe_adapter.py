from american import FahrenheitProbe
from thermometers import Thermometer


class ProbeThermometer(Thermometer):
    def __init__(self, probe: FahrenheitProbe):
        self._probe = probe

    def celsius(self) -> float:
        return (self._probe.measure() - 32) * 5 / 9

    def label(self) -> str:
        return f"probe {self._probe.serial_number()}"
