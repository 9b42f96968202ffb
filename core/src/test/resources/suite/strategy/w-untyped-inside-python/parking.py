from typing import Protocol

class Tariff(Protocol):

    def price(self, minutes):
        ...

class DayTariff:

    def price(self, minutes):
        return minutes * 4

class NightTariff:

    def price(self, minutes):
        return 200 if minutes > 30 else 0

class Barrier:

    def __init__(self, tariff=None):
        self._tariff = tariff or DayTariff()
        self._taken = 0

    def at_night(self):
        self._tariff = NightTariff()

    def leave(self, minutes):
        cents = self._tariff.price(minutes)
        self._taken += cents
        return cents