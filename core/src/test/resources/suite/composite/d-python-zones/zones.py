"""Zones of the harbour; a basin is made of quays, a quay of berths."""
from __future__ import annotations

from abc import ABC, abstractmethod
from dataclasses import dataclass, field
from typing import Iterator


class Zone(ABC):
    @abstractmethod
    def free_metres(self) -> float: ...

    @abstractmethod
    def close(self) -> None: ...


@dataclass
class Berth(Zone):
    metres: float
    taken: bool = False

    def free_metres(self) -> float:
        return 0.0 if self.taken else self.metres

    def close(self) -> None:
        self.taken = True


@dataclass
class Basin(Zone):
    name: str
    zones: list[Zone] = field(default_factory=list)

    def add(self, zone: Zone) -> Basin:
        self.zones.append(zone)
        return self

    def free_metres(self) -> float:
        return sum(z.free_metres() for z in self.zones)

    def close(self) -> None:
        if self.zones:
            self.zones[0].close()

    def __iter__(self) -> Iterator[Zone]:
        return iter(self.zones)
