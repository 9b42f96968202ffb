from dataclasses import dataclass, field
from datetime import date


@dataclass
class Sailor:
    name: str
    rank: str = "deckhand"
    id: int | None = None


@dataclass
class Shift:
    day: date
    sailors: list[Sailor] = field(default_factory=list)

    def add(self, sailor: Sailor) -> None:
        if sailor in self.sailors:
            raise ValueError(f"{sailor.name} is on this shift already")
        self.sailors.append(sailor)

    @property
    def complete(self) -> bool:
        return len(self.sailors) >= 4
