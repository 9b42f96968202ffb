from typing import Protocol


class Greeting(Protocol):
    def text(self, ship: str) -> str: ...

    def loud(self) -> bool: ...


class Plain:
    def text(self, ship: str) -> str:
        return f"Welcome, {ship}"

    def loud(self) -> bool:
        return False


class Dated:
    def __init__(self, inner: "Plain", day: str) -> None:
        self._inner = inner
        self._day = day

    def text(self, ship: str) -> str:
        return f"{self._day}: {self._inner.text(ship)}"

    def loud(self) -> bool:
        return self._inner.loud()


class Shouted:
    def __init__(self, inner: Greeting) -> None:
        self._inner = inner

    def text(self, ship: str) -> str:
        return self._inner.text(ship).upper() + "!"

    def loud(self) -> bool:
        return True
