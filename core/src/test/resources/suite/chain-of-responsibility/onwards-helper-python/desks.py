from abc import ABC, abstractmethod


class Desk(ABC):
    def __init__(self, behind=None):
        self._behind = behind

    def file(self, paper):
        if self.settles(paper):
            return self.stamp(paper)
        return self._hand_on(paper)

    def _hand_on(self, paper):
        if self._behind is None:
            raise LookupError(paper)
        return self._behind.file(paper)

    @abstractmethod
    def settles(self, paper):
        ...

    def stamp(self, paper):
        return f"{type(self).__name__}: {paper}"


class TollDesk(Desk):
    def settles(self, paper):
        return paper.startswith("toll")


class CargoDesk(Desk):
    def settles(self, paper):
        return paper.startswith("cargo")


def row():
    return TollDesk(CargoDesk())
