from abc import ABC, abstractmethod
from typing import Callable, Optional


class Paint(ABC):
    @abstractmethod
    def colour(self, part: str) -> str: ...


class GreyPaint(Paint):
    def __init__(self) -> None:
        self.used = 0

    def colour(self, part: str) -> str:
        self.used += 1
        return "grey"


class FlagPaint(Paint):
    def colour(self, part: str) -> str:
        return {"hull": "blue", "deck": "red"}.get(part, "white")


class PaintOfTheDay(Paint):
    def __init__(self, today: Callable[[], Optional[Paint]]) -> None:
        self.today = today
        self._plain = GreyPaint()

    def colour(self, part: str) -> str:
        paint = self.today() or self._plain
        return paint.colour(part)
