from __future__ import annotations
from abc import ABC, abstractmethod
from dataclasses import dataclass, field
from typing import Protocol


class Price(Protocol):
    def cents(self, hours: float) -> int: ...


@dataclass
class DayPrice:
    rate: int

    def cents(self, hours: float) -> int:
        return int(self.rate * hours)


class NightPrice:
    def cents(self, hours: float) -> int:
        return int(4000 + 900 * hours)


class Order(ABC):
    def __init__(self, price: Price) -> None:
        self._price = price
        self._watchers: list[OrderWatcher] = []
        self.hours = 0.0

    def bill(self) -> str:
        lines = [self.heading()]
        lines.extend(self.lines())
        lines.append(f"total {self._price.cents(self.hours)}")
        return "\n".join(lines)

    def heading(self) -> str:
        return "tug order"

    @abstractmethod
    def lines(self) -> list[str]: ...

    def watch(self, watcher: OrderWatcher) -> None:
        self._watchers.append(watcher)

    def unwatch(self, watcher: OrderWatcher) -> None:
        self._watchers.remove(watcher)

    def work(self, hours: float) -> None:
        self.hours += hours
        for watcher in tuple(self._watchers):
            watcher.worked(self, hours)


class TowOrder(Order):
    def lines(self) -> list[str]:
        return ["tow"]


class PushOrder(Order):
    def __init__(self, price: Price, tons: int) -> None:
        super().__init__(price)
        self.tons = tons

    def lines(self) -> list[str]:
        return ["push", f"{self.tons} t"]


class OrderWatcher(ABC):
    @abstractmethod
    def worked(self, order: Order, hours: float) -> None: ...


class FuelLog(OrderWatcher):
    def __init__(self) -> None:
        self.litres = 0.0

    def worked(self, order: Order, hours: float) -> None:
        self.litres += hours * 120


class CrewBoard(OrderWatcher):
    def worked(self, order: Order, hours: float) -> None:
        if order.hours > 8:
            print("relieve the crew")
