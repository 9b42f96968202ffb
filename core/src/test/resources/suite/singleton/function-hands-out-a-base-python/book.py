from __future__ import annotations

from abc import ABC, abstractmethod


class Book(ABC):
    @abstractmethod
    def enter(self, line: str) -> None: ...


class _PortBook(Book):
    def __init__(self) -> None:
        self._lines: list[str] = []

    def enter(self, line: str) -> None:
        self._lines.append(line)


_kept: Book | None = None


def book() -> Book:
    global _kept
    if _kept is None:
        _kept = _PortBook()
    return _kept
