from abc import ABC, abstractmethod
from dataclasses import dataclass, field


class Rate(ABC):
    @abstractmethod
    def cost(self, kilos: float) -> float: ...


@dataclass(frozen=True)
class Flat(Rate):
    price: float = 12.0

    def cost(self, kilos: float) -> float:
        return self.price


@dataclass(frozen=True)
class Stepped(Rate):
    step: float = 5.0

    def cost(self, kilos: float) -> float:
        return -(-kilos // self.step) * 3


@dataclass
class Consignment:
    kilos: float
    rate: Rate = field(default_factory=Flat)

    def total(self) -> float:
        return round(self.rate.cost(self.kilos), 2)
