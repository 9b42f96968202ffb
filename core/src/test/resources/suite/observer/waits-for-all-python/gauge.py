import asyncio
from abc import ABC, abstractmethod


class Watcher(ABC):
    @abstractmethod
    async def level(self, cm): ...


class Tower(Watcher):
    async def level(self, cm):
        print(cm)


class Lamp(Watcher):
    async def level(self, cm):
        print(cm > 9)


class Gauge:
    def __init__(self):
        self._watchers = []

    def join(self, watcher: Watcher):
        self._watchers.append(watcher)

    async def measure(self, cm):
        self.cm = cm
        await asyncio.gather(*(watcher.level(cm) for watcher in self._watchers))
