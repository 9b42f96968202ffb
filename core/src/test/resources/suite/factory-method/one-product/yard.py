from abc import ABC, abstractmethod


class Hull(ABC):
    @abstractmethod
    def tons(self):
        ...


class OakHull(Hull):
    def tons(self):
        return 40


class SteelHull(Hull):
    def tons(self):
        return 90


class Yard(ABC):
    @abstractmethod
    def hull(self) -> Hull:
        ...

    @abstractmethod
    def price(self) -> int:
        ...

    def offer(self):
        return f"{self.hull().tons()} t for {self.price()}"


class OakYard(Yard):
    def hull(self) -> Hull:
        return OakHull()

    def price(self) -> int:
        return 900


class SteelYard(Yard):
    def hull(self) -> Hull:
        return SteelHull()

    def price(self) -> int:
        return 1500


for yard in (OakYard(), SteelYard()):
    print(yard.offer())
