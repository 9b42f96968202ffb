from __future__ import annotations

from abc import ABC, abstractmethod
from dataclasses import dataclass, field
from typing import Iterator, Protocol


class Signal(ABC):
    @abstractmethod
    def lamps(self) -> list[str]: ...

    def __iter__(self) -> Iterator[str]:
        return iter(self.lamps())


@dataclass(frozen=True)
class Lamp(Signal):
    colour: str

    def lamps(self) -> list[str]:
        return [self.colour]


@dataclass
class Stack(Signal):
    parts: list[Signal] = field(default_factory=list)

    def put(self, part: Signal) -> Stack:
        self.parts.append(part)
        return self

    def lamps(self) -> list[str]:
        return [lamp for part in self.parts for lamp in part.lamps()]


class Blinking(Signal):
    def __init__(self, inner: Signal, seconds: int):
        self._inner = inner
        self._seconds = seconds

    def lamps(self) -> list[str]:
        return [f"{lamp}@{self._seconds}" for lamp in self._inner.lamps()]
