from abc import ABC, abstractmethod


class Tariff(ABC):
    @abstractmethod
    def price(self, tons): ...


class BaseTariff(Tariff):
    def price(self, tons):
        return tons * 4


class WinterTariff(Tariff):
    def __init__(self, base: Tariff):
        self._base = base

    def price(self, tons):
        return self._base.price(tons) + 15


class MemberTariff(Tariff):
    def __init__(self):
        self._base = BaseTariff()

    def price(self, tons):
        return self._base.price(tons) * 0.9
