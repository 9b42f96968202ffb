from __future__ import annotations
from abc import ABC, abstractmethod
from typing import Optional


class Check(ABC):
    def __init__(self, following: Optional[Check] = None):
        self._following = following

    def handle(self, cargo: dict) -> str:
        verdict = self.look(cargo)
        if verdict:
            return verdict
        if self._following is not None:
            return self._following.handle(cargo)
        return "cleared"

    @abstractmethod
    def look(self, cargo: dict) -> Optional[str]:
        ...


class WeightCheck(Check):
    def look(self, cargo):
        if cargo["tonnes"] > 40:
            return "too heavy"


class PaperCheck(Check):
    def look(self, cargo):
        if not cargo.get("papers"):
            return "no papers"


def chain() -> Check:
    return WeightCheck(PaperCheck())


print(chain().handle({"tonnes": 3, "papers": True}))
