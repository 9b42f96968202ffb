from __future__ import annotations
from abc import ABC, abstractmethod


class Tower(ABC):
    @abstractmethod
    def request_landing(self, plane: "Aircraft") -> None: ...

    @abstractmethod
    def cleared(self, plane: "Aircraft") -> None: ...


class Aircraft:
    def __init__(self, sign: str, tower: Tower):
        self.sign = sign
        self.tower = tower
        self.waiting = False

    def approach(self):
        self.tower.request_landing(self)

    def hold(self):
        self.waiting = True

    def land(self):
        self.waiting = False
        self.tower.cleared(self)


class Glider(Aircraft):
    def hold(self):
        raise RuntimeError("cannot hold")


class Jet(Aircraft):
    def __init__(self, sign: str, tower: Tower):
        super().__init__(sign, tower)
        self.circles = 0

    def hold(self):
        super().hold()
        self.circles += 1


class HillTower(Tower):
    def __init__(self):
        self._planes: list[Aircraft] = []
        self._runway: Aircraft | None = None

    def register(self, plane: Aircraft) -> None:
        self._planes.append(plane)

    def request_landing(self, plane: Aircraft) -> None:
        if self._runway is None:
            self._runway = plane
            plane.land()
        else:
            plane.hold()

    def cleared(self, plane: Aircraft) -> None:
        self._runway = None
        for other in self._planes:
            if other.waiting and other is not plane:
                self._runway = other
                other.land()
                return


if __name__ == "__main__":
    tower = HillTower()
    for plane in (Jet("J1", tower), Glider("G7", tower)):
        tower.register(plane)
        plane.approach()
