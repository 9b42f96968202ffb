from abc import ABC, abstractmethod
from operator import methodcaller
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
        return sum(map(methodcaller("weight"), self._cargos))
k = Pallet(Crate(), Pallet(Crate()))
print(k.weight())
