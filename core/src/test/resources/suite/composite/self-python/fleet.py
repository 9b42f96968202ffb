from abc import ABC, abstractmethod
class Vessel(ABC):
    @abstractmethod
    def load(self): ...
class Boat(Vessel):
    def __init__(self, tons): self.tons = tons
    def load(self): return self.tons
class Fleet(Vessel):
    def __init__(self): self._vessels = []
    def add(self, vessel): self._vessels.append(vessel)
    def __iter__(self):
        yield from self._vessels
    def load(self):
        return sum(v.load() for v in self)
