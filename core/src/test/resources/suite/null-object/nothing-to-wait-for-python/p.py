import asyncio
from abc import ABC, abstractmethod
class Pump(ABC):
    @abstractmethod
    async def start(self): ...
    @abstractmethod
    async def level(self) -> int: ...
    @abstractmethod
    def stop(self): ...
class RealPump(Pump):
    def __init__(self): self.l = 0
    async def start(self): self.l += 1
    async def level(self): return self.l
    def stop(self): self.l = 0
class NoPump(Pump):
    async def start(self): return None
    async def level(self): return 0
    def stop(self): pass
class Dock:
    def __init__(self, pump: Pump | None = None): self.pump = pump or NoPump()
    async def go(self): await self.pump.start()
asyncio.run(Dock(RealPump()).go())
