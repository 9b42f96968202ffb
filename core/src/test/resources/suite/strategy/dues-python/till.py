from abc import ABC, abstractmethod


class Tariff(ABC):
    @abstractmethod
    def cents(self, tons): ...


class Flat(Tariff):
    def cents(self, tons):
        return 900 + tons * 0


class ByTon(Tariff):
    def cents(self, tons):
        return tons * 30


class Till:
    def __init__(self, tariff: Tariff):
        self._tariff = tariff

    def charge(self, tons):
        return self._tariff.cents(tons)


def main():
    return Till(Flat()).charge(3) + Till(ByTon()).charge(4)
