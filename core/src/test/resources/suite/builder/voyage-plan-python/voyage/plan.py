from dataclasses import dataclass


@dataclass(frozen=True)
class Leg:
    start: str
    end: str
    miles: int


class VoyagePlan:
    def __init__(self, ship, legs, bunkers, pilot):
        self.ship = ship
        self.legs = legs
        self.bunkers = bunkers
        self.pilot = pilot

    @property
    def miles(self):
        return sum(leg.miles for leg in self.legs)


class VoyagePlanner:
    def __init__(self, ship):
        self._ship = ship
        self._legs = []
        self._bunkers = []
        self._pilot = None

    def sail(self, start, end, miles):
        self._legs.append(Leg(start, end, miles))
        return self

    def bunker_at(self, port, tonnes):
        self._bunkers.append((port, tonnes))
        return self

    def with_pilot(self, name):
        self._pilot = name
        return self

    def plan(self):
        if not self._legs:
            raise ValueError("a voyage needs a leg")
        return VoyagePlan(self._ship, tuple(self._legs), tuple(self._bunkers), self._pilot)
