from functools import cached_property
from typing import Protocol


class Chart(Protocol):
    def depth(self, x: int, y: int) -> float: ...

    def title(self) -> str: ...


class FullChart:
    def __init__(self, name: str) -> None:
        self.name = name
        self.cells = [[x * y % 30 for x in range(90)] for y in range(90)]

    def depth(self, x: int, y: int) -> float:
        return self.cells[y][x]

    def title(self) -> str:
        return self.name


class LateChart:
    def __init__(self, name: str) -> None:
        self.name = name

    @cached_property
    def _chart(self) -> FullChart:
        print("loading", self.name)
        try:
            return FullChart(self.name)
        finally:
            print("loaded")

    def depth(self, x: int, y: int) -> float:
        return self._chart.depth(x, y)

    def title(self) -> str:
        return self._chart.title()


def safe(chart: Chart) -> bool:
    return chart.depth(3, 4) > 4


print(safe(LateChart("bay")))
