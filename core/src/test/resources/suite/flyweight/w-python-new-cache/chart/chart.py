from chart.symbols import Symbol


class Chart:
    def __init__(self):
        self._marks = []

    def mark(self, x, y, name, colour):
        self._marks.append((x, y, Symbol(name, colour)))

    def draw(self):
        return [symbol.draw(x, y) for x, y, symbol in self._marks]


chart = Chart()
chart.mark(1, 2, "buoy", "red")
chart.mark(3, 4, "buoy", "red")
print(chart.draw())
