from __future__ import annotations
from abc import ABC, abstractmethod
from dataclasses import dataclass, field
from enum import Enum
from typing import ClassVar, Optional, Protocol

class Afloat(Protocol):
    def draught(self) -> float: ...

class Engine: ...
class Turbo: ...

class Craft(ABC):
    def __init__(self, name: str, turbo: Optional[Turbo] = None):
        self.name = name
        self._engine = Engine()
        self._turbo = turbo
        self._crew: Crew | None = None

    @abstractmethod
    def draught(self) -> float: ...

class Trim(Enum):
    BOW = 1
    STERN = 2

@dataclass
class Oar:
    length: int
    maker: Maker | None = None

class Maker:
    log: ClassVar[MakerLog]

class MakerLog: ...

@dataclass
class Skiff(Craft):
    oars: list[Oar] = field(default_factory=list)
    trim: Trim = Trim.BOW

    def draught(self) -> float:
        return 0.3

class Trip:
    def __init__(self, craft: Craft):
        self.craft = craft

class Crew:
    class Seat:
        pass

    def __init__(self):
        self._boats: dict[str, Skiff] = {}
        self._seats = [self.Seat() for _ in range(3)]

    def row(self, skiff: Skiff) -> Trip:
        return Trip(skiff)
