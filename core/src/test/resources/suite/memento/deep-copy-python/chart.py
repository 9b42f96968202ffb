import copy


class ChartState:
    def __init__(self, zoom, marks):
        self._zoom = zoom
        self._marks = marks


class Chart:
    def __init__(self):
        self._zoom = 1
        self._marks = []

    def mark(self, place):
        self._marks.append(place)

    def zoom(self, factor):
        self._zoom *= factor

    def save(self):
        return ChartState(self._zoom, copy.deepcopy(self._marks))

    def restore(self, state):
        self._zoom = state._zoom
        self._marks = copy.deepcopy(state._marks)


class Undo:
    def __init__(self, chart):
        self._chart = chart
        self._states = []

    def keep(self):
        self._states.append(self._chart.save())

    def back(self):
        if self._states:
            self._chart.restore(self._states.pop())
