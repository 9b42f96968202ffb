from __future__ import annotations

from dataclasses import dataclass


@dataclass(frozen=True)
class ChartState:
    zoom: float
    marks: tuple[str, ...]


class Chart:
    def __init__(self) -> None:
        self._zoom = 1.0
        self._marks: list[str] = []

    def mark(self, name: str) -> None:
        self._marks.append(name)

    def zoom(self, factor: float) -> None:
        self._zoom *= factor

    @property
    def state(self) -> ChartState:
        return ChartState(self._zoom, tuple(self._marks))

    @state.setter
    def state(self, state: ChartState) -> None:
        self._zoom = state.zoom
        self._marks = list(state.marks)


class Undo:
    def __init__(self, chart: Chart) -> None:
        self._chart = chart
        self._states: list[ChartState] = []

    def remember(self) -> None:
        self._states.append(self._chart.state)

    def undo(self) -> None:
        if self._states:
            self._chart.state = self._states.pop()


chart = Chart()
undo = Undo(chart)
undo.remember()
chart.mark("wreck")
undo.undo()
