from abc import ABC, abstractmethod


class Charts(ABC):
    @abstractmethod
    def sheet(self, area): ...


class PaperCharts(Charts):
    def __init__(self):
        self._opened = 0

    def sheet(self, area):
        self._opened += 1
        return f"sheet of {area} no {self._opened}"


class RememberedCharts(Charts):
    def __init__(self, charts):
        self._charts = charts
        self._known = {}

    def sheet(self, area):
        if area not in self._known:
            self._known[area] = self._charts.sheet(area)
        return self._known[area]


def plot(charts):
    return charts.sheet("west") + charts.sheet("west")


print(plot(RememberedCharts(PaperCharts())))
