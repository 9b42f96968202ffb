from abc import ABC, abstractmethod


class Lamp(ABC):
    @abstractmethod
    def shine(self) -> str: ...


class Horn(ABC):
    @abstractmethod
    def blow(self) -> str: ...


class OilLamp(Lamp):
    def shine(self) -> str:
        return "dim"


class FogHorn(Horn):
    def blow(self) -> str:
        return "hoo"


class LedLamp(Lamp):
    def shine(self) -> str:
        return "bright"


class AirHorn(Horn):
    def blow(self) -> str:
        return "beep"


class Kit(ABC):
    @abstractmethod
    def lamp(self) -> Lamp: ...

    @abstractmethod
    def horn(self) -> Horn: ...


class OldKit(Kit):
    def lamp(self) -> Lamp:
        return OilLamp()

    def horn(self) -> Horn:
        return FogHorn()


class NewKit(Kit):
    def lamp(self) -> Lamp:
        return LedLamp()

    def horn(self) -> Horn:
        return AirHorn()


class Pier:
    def __init__(self, kit: Kit) -> None:
        self.lamp = kit.lamp()
        self.horn = kit.horn()

    def warn(self) -> str:
        return self.lamp.shine() + self.horn.blow()
