from abc import ABC, abstractmethod


class Spot(ABC):
    @abstractmethod
    def accept(self, visitor):
        ...


class Berth(Spot):
    def __init__(self, metres):
        self.metres = metres

    def accept(self, visitor):
        return visitor.berth(self)


class Quay(Spot):
    def __init__(self):
        self._spots = []

    def add(self, spot: Spot):
        self._spots.append(spot)

    def __iter__(self):
        yield from self._spots

    def accept(self, visitor):
        return visitor.quay(self)


class Length:
    def berth(self, berth):
        return berth.metres

    def quay(self, quay):
        return sum(spot.accept(self) for spot in quay)


class Words:
    def berth(self, berth):
        return f"berth of {berth.metres}"

    def quay(self, quay):
        lines = []
        for spot in quay:
            lines.append(spot.accept(self))
        return ", ".join(lines)


north = Quay()
north.add(Berth(40))
north.add(Berth(60))
print(north.accept(Length()), north.accept(Words()))
