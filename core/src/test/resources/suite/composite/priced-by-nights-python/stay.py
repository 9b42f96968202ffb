from abc import ABC, abstractmethod


class Part(ABC):
    @abstractmethod
    def price(self, nights):
        ...


class Bed(Part):
    def price(self, nights):
        return 30 * nights


class Breakfast(Part):
    def __init__(self, cents):
        self.cents = cents

    def price(self, nights):
        return self.cents * nights


class Package(Part):
    def __init__(self, name):
        self.name = name
        self.parts = []

    def add(self, part):
        self.parts.append(part)
        return self

    def price(self, nights):
        return sum(part.price(nights) for part in self.parts)


def offer(nights):
    package = Package("weekend").add(Bed()).add(Breakfast(12))
    return Package("all").add(package).price(nights)
