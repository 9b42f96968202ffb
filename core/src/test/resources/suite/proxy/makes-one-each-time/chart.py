from abc import ABC, abstractmethod


class Chart(ABC):
    @abstractmethod
    def depth(self, x, y):
        ...


class FullChart(Chart):
    def __init__(self, name):
        self.cells = self._load(name)

    def _load(self, name):
        with open(name, encoding="utf-8") as file:
            return [line.split() for line in file]

    def depth(self, x, y):
        return float(self.cells[y][x])


class LateChart(Chart):
    def __init__(self, name):
        self.name = name

    def depth(self, x, y):
        return FullChart(self.name).depth(x, y)


class Pilot:
    def __init__(self, chart: Chart):
        self.chart = chart

    def safe(self, x, y):
        return self.chart.depth(x, y) > 4


print(Pilot(LateChart("bay.txt")).safe(2, 3))
