from __future__ import annotations
from abc import ABC, abstractmethod


class Toll(ABC):
    @abstractmethod
    def amount(self, tons: float, nights: int) -> float: ...


class FlatToll(Toll):
    def __init__(self, price: float) -> None:
        self._price = price

    def amount(self, tons, nights):
        return self._price


class TonnageToll(Toll):
    def amount(self, tons, nights):
        return tons * 0.8 + nights * 12


class SeasonToll(Toll):
    SUMMER = range(6, 9)

    def __init__(self, month: int):
        self.month = month

    def amount(self, tons, nights):
        factor = 1.5 if self.month in self.SUMMER else 1.0
        return tons * factor


class BerthBill:
    def __init__(self, toll: Toll, tons: float):
        self.toll = toll
        self.tons = tons
        self.nights = 0

    def stay(self, nights: int) -> None:
        self.nights += nights

    def change_toll(self, toll: Toll) -> None:
        self.toll = toll

    def total(self) -> float:
        return round(self.toll.amount(self.tons, self.nights), 2)
