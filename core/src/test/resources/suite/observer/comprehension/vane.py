from abc import ABC, abstractmethod


class WindReader(ABC):
    @abstractmethod
    def wind(self, knots): ...


class Vane:
    def __init__(self):
        self._readers = set()
        self._knots = 0

    def join(self, reader: WindReader):
        self._readers.add(reader)

    def leave(self, reader: WindReader):
        self._readers.discard(reader)

    def blow(self, knots):
        self._knots = knots
        [reader.wind(knots) for reader in list(self._readers)]


class Flag(WindReader):
    def wind(self, knots):
        self.stiff = knots > 12


class Siren(WindReader):
    def wind(self, knots):
        self.howls = knots > 40
