from __future__ import annotations
from abc import ABC, abstractmethod


class Trip(ABC):
    def __init__(self, stops, nights):
        self.stops = stops
        self.nights = nights

    @abstractmethod
    def price(self) -> int: ...


class TrainTrip(Trip):
    def price(self) -> int:
        return 40 * len(self.stops)


class ShipTrip(Trip):
    def price(self) -> int:
        return 90 * self.nights


class TripBuilder:
    def __init__(self):
        self._stops = []
        self._nights = 0
        self._by_sea = False

    def stop(self, name) -> TripBuilder:
        self._stops.append(name)
        return self

    def nights(self, count) -> TripBuilder:
        self._nights = count
        return self

    def by_sea(self) -> TripBuilder:
        self._by_sea = True
        return self

    def build(self) -> Trip:
        if not self._stops:
            raise ValueError("a trip has stops")
        kind = ShipTrip if self._by_sea else TrainTrip
        return kind(self._stops, self._nights)
