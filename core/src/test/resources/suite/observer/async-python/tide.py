import asyncio
from typing import Protocol


class TideWatch(Protocol):
    async def level_is(self, level: float) -> None: ...


class Tide:
    def __init__(self) -> None:
        self._watches: set[TideWatch] = set()
        self._level = 0.0

    def join(self, watch: TideWatch) -> None:
        self._watches.add(watch)

    def leave(self, watch: TideWatch) -> None:
        self._watches.discard(watch)

    async def rise(self, by: float) -> None:
        self._level += by
        await asyncio.gather(*(watch.level_is(self._level) for watch in self._watches))


class Gauge:
    def __init__(self) -> None:
        self.shown = 0.0

    async def level_is(self, level: float) -> None:
        self.shown = level


class Horn:
    def __init__(self) -> None:
        self.on = False

    async def level_is(self, level: float) -> None:
        self.on = level > 4


async def main() -> None:
    tide = Tide()
    tide.join(Gauge())
    tide.join(Horn())
    await tide.rise(2)
