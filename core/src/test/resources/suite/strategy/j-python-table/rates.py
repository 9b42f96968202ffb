from typing import Callable

Rate = Callable[[int, int], int]


def flat(tons: int, days: int) -> int:
    return 500 * days


def by_weight(tons: int, days: int) -> int:
    return tons * days


def lowest(tons: int, days: int) -> int:
    return min(flat(tons, days), by_weight(tons, days))


class Warehouse:
    def __init__(self, rate: Rate) -> None:
        self._rate = rate
        self._stored: dict[str, tuple[int, int]] = {}

    def store(self, name: str, tons: int, days: int) -> None:
        self._stored[name] = (tons, days)

    def use(self, rate: Rate) -> None:
        self._rate = rate

    def invoice(self, name: str) -> int:
        tons, days = self._stored[name]
        return self._rate(tons, days)
