from __future__ import annotations
import math


class Point:
    """Use from_polar or from_text; do not call Point() yourself."""

    _token = object()

    def __init__(self, x: float, y: float, token: object) -> None:
        if token is not Point._token:
            raise TypeError("use Point.from_polar or Point.from_text")
        self.x = x
        self.y = y

    @classmethod
    def from_polar(cls, radius: float, angle: float) -> Point:
        return cls(radius * math.cos(angle), radius * math.sin(angle), cls._token)

    @classmethod
    def from_text(cls, text: str) -> Point:
        x, y = text.split(",")
        return cls(float(x), float(y), cls._token)

    def distance(self, other: Point) -> float:
        return math.hypot(self.x - other.x, self.y - other.y)
