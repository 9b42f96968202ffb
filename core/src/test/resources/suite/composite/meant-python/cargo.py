from abc import ABC, abstractmethod
from functools import reduce
from operator import add
class Cargo(ABC):
    @abstractmethod
    def weight(self): ...
class Crate(Cargo):
    def weight(self):
        return 1
class Pallet(Cargo):
    def __init__(self, *cargos: Cargo):
        self._cargos = list(cargos)
    def weight(self):
        return reduce(add, map(Cargo.weight, self._cargos), 0)
k = Pallet(Crate(), Pallet(Crate()))
print(k.weight())
