"""Carriers and how one is picked for a code."""
from abc import ABC, abstractmethod


class Carrier(ABC):
    def __init__(self, name: str) -> None:
        self.name = name

    @abstractmethod
    def days(self, miles: int) -> int:
        """How long the voyage takes."""

    def __repr__(self) -> str:
        return f"<{type(self).__name__} {self.name}>"


class Liner(Carrier):
    def days(self, miles: int) -> int:
        return 2 + miles // 400


class Tramp(Carrier):
    def days(self, miles: int) -> int:
        return 5 + miles // 250


class Coaster(Carrier):
    SPEED = 120

    def days(self, miles: int) -> int:
        return max(1, miles // self.SPEED)


_CARRIERS = {
    "L": Liner,
    "T": Tramp,
    "C": Coaster,
}


def carrier_for(code: str, name: str) -> Carrier:
    try:
        kind = _CARRIERS[code]
    except KeyError:
        raise ValueError(f"no carrier of kind {code!r}") from None
    return kind(name)
