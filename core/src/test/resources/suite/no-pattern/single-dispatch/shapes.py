from dataclasses import dataclass
from functools import singledispatch


class Cargo:
    pass


@dataclass
class Box(Cargo):
    kilos: float


@dataclass
class Barrel(Cargo):
    litres: float


@singledispatch
def fee(cargo: Cargo) -> float:
    raise TypeError(type(cargo))


@fee.register
def _(cargo: Box) -> float:
    return cargo.kilos * 0.2


@fee.register
def _(cargo: Barrel) -> float:
    return cargo.litres * 0.1


print(fee(Box(20)), fee(Barrel(50)))
