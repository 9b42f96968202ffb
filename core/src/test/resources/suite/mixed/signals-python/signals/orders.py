from __future__ import annotations

from collections import deque
from typing import Protocol

from .base import Signal


class Order(Protocol):
    def carry_out(self) -> None: ...

    def take_back(self) -> None: ...


class Mast:
    def __init__(self) -> None:
        self._shown: list[Signal] = []

    def show(self, signal: Signal) -> None:
        self._shown.append(signal)

    def lower(self) -> None:
        self._shown.pop()

    def text(self) -> str:
        return " ".join(lamp for signal in self._shown for lamp in signal)


class ShowOrder:
    def __init__(self, mast: Mast, signal: Signal):
        self._mast = mast
        self._signal = signal

    def carry_out(self) -> None:
        self._mast.show(self._signal)

    def take_back(self) -> None:
        self._mast.lower()


class Watch:
    def __init__(self) -> None:
        self._done: deque[Order] = deque()

    def do(self, order: Order) -> None:
        order.carry_out()
        self._done.append(order)

    def undo(self) -> None:
        if self._done:
            self._done.pop().take_back()
