from abc import ABC, abstractmethod


class TideGauge(ABC):
    @abstractmethod
    def metres(self): ...

    @abstractmethod
    def rising(self): ...


class OldTideTable:
    def __init__(self):
        self.centimetres = 0
        self.trend = "still"

    def note(self, row):
        self.trend = "up" if row > self.centimetres else "down"
        self.centimetres = row


class TableGauge(TideGauge):
    def __init__(self, table: OldTideTable):
        self._table = table

    def metres(self):
        return self._table.centimetres / 100

    def rising(self):
        return self._table.trend == "up"


def warn(gauge: TideGauge):
    return "high water" if gauge.metres() > 4 and gauge.rising() else ""
