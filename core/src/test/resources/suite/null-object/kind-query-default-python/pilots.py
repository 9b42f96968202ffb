from abc import ABC, abstractmethod


class Pilot(ABC):
    def is_none(self):
        return False

    @abstractmethod
    def board(self, ship): ...

    @abstractmethod
    def fee(self, tons): ...


class HarbourPilot(Pilot):
    def __init__(self, name):
        self._name = name

    def board(self, ship):
        print(self._name, "boards", ship)

    def fee(self, tons):
        return 100 + tons // 10


class NoPilot(Pilot):
    def is_none(self):
        return True

    def board(self, ship):
        pass

    def fee(self, tons):
        return 0


def arrive(ship, pilot: Pilot | None = None):
    pilot = pilot or NoPilot()
    pilot.board(ship)
    return pilot.fee(400)
