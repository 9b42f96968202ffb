from functools import lru_cache


class Mark:
    __slots__ = ("shape", "points")

    def __init__(self, shape, points):
        self.shape = shape
        self.points = points

    def at(self, x, y):
        return [(x + dx, y + dy) for dx, dy in self.points]


_POINTS = {"can": ((0, 0), (0, 2)), "cone": ((0, 0), (1, 2))}


class MarkBook:
    def __init__(self):
        self._marks = {}

    def mark(self, shape):
        try:
            return self._marks[shape]
        except KeyError:
            made = self._marks[shape] = Mark(shape, _POINTS[shape])
            return made


class Chart:
    def __init__(self, book):
        self._book = book
        self._drawn = []

    def draw(self, shape, x, y):
        self._drawn.extend(self._book.mark(shape).at(x, y))
