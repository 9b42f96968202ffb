from abc import ABC, abstractmethod
from enum import Enum
class Toll(ABC):
    @abstractmethod
    def of(self, tons): ...
class Fixed(Toll):
    def __init__(self, p): self.p = p
    def of(self, tons): return self.p
class PerTon(Toll):
    def __init__(self, p): self.p = p
    def of(self, tons): return self.p * tons
class Freight(Enum):
    BULK = "bulk"
    BOX = "box"
    def toll(self) -> Toll:
        if self is Freight.BULK:
            return PerTon(1.2)
        return Fixed(4.0)
print(Freight("bulk").toll().of(3))
