import weakref
from typing import Protocol


class PriceListener(Protocol):
    def price_changed(self, symbol: str, price: float) -> None: ...


class Ticker:
    def __init__(self) -> None:
        self._prices: dict[str, float] = {}
        self._listeners: "weakref.WeakSet[PriceListener]" = weakref.WeakSet()

    def subscribe(self, listener: PriceListener) -> None:
        self._listeners.add(listener)

    def unsubscribe(self, listener: PriceListener) -> None:
        self._listeners.discard(listener)

    def quote(self, symbol: str, price: float) -> None:
        if self._prices.get(symbol) == price:
            return
        self._prices[symbol] = price
        for listener in list(self._listeners):
            listener.price_changed(symbol, price)

    def reset(self) -> None:
        self._prices.clear()
