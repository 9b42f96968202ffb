class Sign:
    __slots__ = ("code", "colour")

    def __init__(self, code, colour):
        self.code = code
        self.colour = colour

    def paint(self, x, y):
        return f"{self.code}/{self.colour} at {x},{y}"


class Signs:
    def __init__(self):
        self._signs = {}

    def get(self, code, colour):
        key = (code, colour)
        if key not in self._signs:
            self._signs[key] = Sign(code, colour)
        return self._signs[key]


class Chart:
    def __init__(self, signs):
        self._signs = signs
        self._placed = []

    def place(self, code, colour, x, y):
        self._placed.append((self._signs.get(code, colour), x, y))


Chart(Signs()).place("buoy", "red", 1, 2)
