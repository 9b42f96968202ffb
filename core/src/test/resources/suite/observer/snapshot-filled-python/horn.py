from abc import ABC, abstractmethod


class Hearer(ABC):
    @abstractmethod
    def blown(self, seconds): ...


class Horn:
    def __init__(self):
        self._hearers = []
        self._blown_for = 0

    def add(self, hearer: Hearer):
        self._hearers.append(hearer)

    def leave(self, hearer: Hearer):
        self._hearers.remove(hearer)

    def blow(self, seconds):
        self._blown_for += seconds
        now = []
        for hearer in self._hearers:
            now.append(hearer)
        for hearer in now:
            hearer.blown(self._blown_for)
