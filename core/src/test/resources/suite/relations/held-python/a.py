from abc import ABC, abstractmethod
from dataclasses import dataclass, field


class Craft(ABC):
    @abstractmethod
    def sail(self): ...


@dataclass
class Crate:
    kilos: float


class Pilot:
    pass


class Barge(Craft):
    def __init__(self, pilot: Pilot):
        self.pilot = pilot
        self.crates: list[Crate] = []
        self.log = Log()

    def sail(self):
        self.crates.append(Crate(3.0))


class Log:
    class Line:
        pass
