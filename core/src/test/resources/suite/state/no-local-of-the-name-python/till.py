from abc import ABC, abstractmethod


class Toll(ABC):
    @abstractmethod
    def of(self, tons): ...


class ByTon(Toll):
    def of(self, tons):
        return tons * 3


class Flat(Toll):
    def of(self, tons):
        return 120 + len(str(tons))


class Till:
    def __init__(self):
        self.toll = ByTon()
        self.sum = 0

    def note(self, other):
        toll = other
        self.sum += len(str(toll))

    def bill(self, tons):
        self.note(Flat())
        return self.toll.of(tons)
