from abc import ABC, abstractmethod


class Inspection(ABC):
    """A round of a vessel; kinds of vessel differ in what is looked at."""

    def __init__(self, vessel):
        self._vessel = vessel
        self._notes = []

    def run(self):
        self._notes.clear()
        self._look_at_hull()
        self._look_at_engine()
        if self._needs_radio():
            self._notes.append("radio tested")
        return list(self._notes)

    @abstractmethod
    def _look_at_hull(self):
        ...

    @abstractmethod
    def _look_at_engine(self):
        ...

    def _needs_radio(self):
        return True


class TrawlerInspection(Inspection):
    def _look_at_hull(self):
        self._notes.append(f"{self._vessel}: plates")

    def _look_at_engine(self):
        self._notes.append("diesel")


class RowingBoatInspection(Inspection):
    def _look_at_hull(self):
        self._notes.append(f"{self._vessel}: planks")

    def _look_at_engine(self):
        pass

    def _needs_radio(self):
        return False
