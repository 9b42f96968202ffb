from dataclasses import dataclass, field
from typing import Union


@dataclass
class Crate:
    kilos: int

    def weight(self) -> int:
        return self.kilos


@dataclass
class Pallet:
    parts: "list[Stowed]" = field(default_factory=list)

    def put(self, part: "Stowed") -> None:
        self.parts.append(part)

    def weight(self) -> int:
        return 20 + sum(part.weight() for part in self.parts)


Stowed = Union[Crate, Pallet]


def report(stowed: Stowed) -> str:
    return f"{stowed.weight()} kg"


pallet = Pallet()
pallet.put(Crate(10))
pallet.put(Pallet([Crate(4)]))
print(report(pallet))
