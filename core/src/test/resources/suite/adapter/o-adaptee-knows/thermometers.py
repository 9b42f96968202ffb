from abc import ABC, abstractmethod


class Thermometer(ABC):
    @abstractmethod
    def celsius(self) -> float: ...

    @abstractmethod
    def label(self) -> str: ...


class MercuryThermometer(Thermometer):
    def __init__(self, reading: float):
        self._reading = reading

    def celsius(self) -> float:
        return self._reading

    def label(self) -> str:
        return "mercury"
