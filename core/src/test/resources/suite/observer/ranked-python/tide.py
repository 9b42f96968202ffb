from typing import Protocol


class TideListener(Protocol):
    def tide_turned(self, level: float) -> None: ...


class Gauge:
    def __init__(self) -> None:
        self._listeners: list[tuple[int, TideListener]] = []
        self._level = 0.0

    def join(self, listener: TideListener, rank: int = 0) -> None:
        self._listeners.append((rank, listener))
        self._listeners.sort(key=lambda pair: pair[0])

    def measure(self, level: float) -> None:
        self._level = level
        for _, listener in self._listeners:
            listener.tide_turned(level)


class Siren:
    def tide_turned(self, level: float) -> None:
        print("tide", level)


class Lamp:
    def __init__(self) -> None:
        self.lit = False

    def tide_turned(self, level: float) -> None:
        self.lit = level > 3
