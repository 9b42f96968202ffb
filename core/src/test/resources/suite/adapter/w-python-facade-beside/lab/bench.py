from abc import ABC, abstractmethod

from lab.devices import Balance2000, Oven, Scale


class Weighing(ABC):
    @abstractmethod
    def tare(self):
        ...

    @abstractmethod
    def grams(self):
        ...


class WeighingFacade(Weighing):
    def __init__(self, balance: Balance2000):
        self._balance = balance

    def tare(self):
        self._balance.zero()

    def grams(self):
        return self._balance.read_milligrams() / 1000


class DryingAdapter:
    """One call for what takes three devices."""

    def __init__(self):
        self._scale = Scale()
        self._oven = Oven()

    def dry(self, minutes):
        self._scale.tare()
        before = self._scale.grams()
        self._oven.heat(105)
        for _ in range(minutes):
            pass
        self._oven.off()
        return before - self._scale.grams()
