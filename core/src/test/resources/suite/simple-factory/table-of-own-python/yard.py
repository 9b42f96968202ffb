from abc import ABC, abstractmethod


class Boat(ABC):
    @abstractmethod
    def launch(self): ...


class Tug(Boat):
    def launch(self):
        return "tug"


class Ferry(Boat):
    def launch(self):
        return "ferry"


class Yard:
    def __init__(self):
        self._makers = {"tug": self._tug, "ferry": self._ferry}

    def make(self, kind):
        try:
            return self._makers[kind]()
        except KeyError:
            raise ValueError(kind)

    def _tug(self):
        return Tug()

    def _ferry(self):
        return Ferry()
