from abc import ABC, abstractmethod


class Item(ABC):
    @abstractmethod
    def accept(self, visitor): ...


class Crate(Item):
    def __init__(self, kilos):
        self.kilos = kilos

    def accept(self, visitor):
        visitor.visit_crate(self)


class Tank(Item):
    def __init__(self, litres):
        self.litres = litres

    def accept(self, visitor):
        visitor.visit_tank(self)


class Visitor(ABC):
    @abstractmethod
    def visit_crate(self, crate): ...

    @abstractmethod
    def visit_tank(self, tank): ...


class Weight(Visitor):
    def __init__(self):
        self.kilos = 0

    def visit_crate(self, crate):
        self._add(crate)

    def visit_tank(self, tank):
        self._add(tank)

    def _add(self, item):
        if isinstance(item, Crate):
            self.kilos += item.kilos
        elif isinstance(item, Tank):
            self.kilos += item.litres
