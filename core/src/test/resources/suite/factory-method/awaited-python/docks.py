from abc import ABC, abstractmethod


class Crane(ABC):
    @abstractmethod
    async def lift(self, kilos: int) -> None: ...


class Grab(Crane):
    async def lift(self, kilos: int) -> None:
        self.held = kilos


class Sucker(Crane):
    async def lift(self, kilos: int) -> None:
        self.speed = kilos / 10


class Dock(ABC):
    async def unload(self, ships: list[int]) -> int:
        crane = await self.new_crane()
        for kilos in ships:
            await crane.lift(kilos)
        return len(ships)

    @abstractmethod
    async def new_crane(self) -> Crane: ...


class CoalDock(Dock):
    async def new_crane(self) -> Crane:
        return Grab()


class GrainDock(Dock):
    async def new_crane(self) -> Crane:
        return Sucker()
