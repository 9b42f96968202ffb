from geo.point import Point


class Track:
    def __init__(self) -> None:
        self._points: list[Point] = []

    def add(self, text: str) -> None:
        self._points.append(Point.from_text(text))

    def length(self) -> float:
        return sum(a.distance(b) for a, b in zip(self._points, self._points[1:]))
