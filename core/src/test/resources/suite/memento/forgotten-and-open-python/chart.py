class ChartState:
    def __init__(self, zoom, centre, marks):
        self.zoom = zoom
        self.centre = centre
        self.marks = marks


class Chart:
    def __init__(self):
        self._zoom = 1
        self._centre = (0, 0)
        self._marks = []
        self._title = "untitled"

    def move(self, x, y):
        self._centre = (x, y)

    def mark(self, place):
        self._marks.append(place)

    def rename(self, title):
        self._title = title

    def remember(self):
        return ChartState(self._zoom, self._centre, list(self._marks))

    def recall(self, state):
        self._zoom = state.zoom
        self._centre = state.centre


class Table:
    def __init__(self, chart):
        self.chart = chart
        self.states = []

    def keep(self):
        self.states.append(self.chart.remember())

    def back(self):
        state = self.states.pop()
        state.zoom = 1
        self.chart.recall(state)


table = Table(Chart())
table.keep()
table.back()
