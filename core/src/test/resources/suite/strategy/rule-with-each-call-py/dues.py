from abc import ABC, abstractmethod


class Rate(ABC):
    @abstractmethod
    def of(self, metres): ...


class FerryRate(Rate):
    def of(self, metres):
        return metres * 2


class YachtRate(Rate):
    def of(self, metres):
        return metres * 7 + 10


class Ledger:
    def __init__(self):
        self._sums = []

    def enter(self, metres, rate: Rate):
        total = rate.of(metres)
        self._sums.append(total)
        return total


ledger = Ledger()
ledger.enter(90, FerryRate())
ledger.enter(12, YachtRate())
