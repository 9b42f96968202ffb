class Chart:
    def __init__(self, name):
        self._name = name
        self._scale = 1
        self._marks = []

    def zoom(self, factor):
        self._scale *= factor

    def mark(self, place):
        self._marks.append(place)

    def snapshot(self):
        return ChartState(self._name, self._scale, tuple(self._marks))

    def back_to(self, state):
        self._name = state.name
        self._scale = state.scale
        self._marks = list(state.marks)


class ChartState:
    __slots__ = ("name", "scale", "marks")

    def __init__(self, name, scale, marks):
        self.name = name
        self.scale = scale
        self.marks = marks


class Navigator:
    def __init__(self, chart):
        self._chart = chart
        self._kept = []

    def step(self, place):
        self._kept.append(self._chart.snapshot())
        self._chart.mark(place)

    def undo(self):
        if self._kept:
            self._chart.back_to(self._kept.pop())


navigator = Navigator(Chart("west"))
navigator.step("buoy")
navigator.undo()
