from typing import Callable, Protocol


class Tariff(Protocol):
    def cents(self, tonnes: int, nights: int) -> int: ...


class Flat:
    def cents(self, tonnes: int, nights: int) -> int:
        return 4000 * nights


class ByTonne:
    def __init__(self, rate: int):
        self._rate = rate

    def cents(self, tonnes: int, nights: int) -> int:
        return tonnes * nights * self._rate


class Desk:
    def __init__(self, tariff: Tariff | None = None):
        self._tariff = tariff or Flat()

    @property
    def tariff(self) -> Tariff:
        return self._tariff

    @tariff.setter
    def tariff(self, tariff: Tariff) -> None:
        self._tariff = tariff

    def bill(self, tonnes: int, nights: int) -> str:
        return f"{self._tariff.cents(tonnes, nights) / 100:.2f}"


def season(desk: Desk, summer: bool) -> str:
    desk.tariff = ByTonne(30) if summer else Flat()
    return desk.bill(40, 2)
