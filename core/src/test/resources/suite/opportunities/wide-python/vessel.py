from abc import ABC, abstractmethod


class Vessel(ABC):
    @abstractmethod
    def sail(self): ...

    @abstractmethod
    def dive(self): ...


class Submarine(Vessel):
    def __init__(self):
        self.depth = 0

    def sail(self):
        self.depth = 0

    def dive(self):
        self.depth += 10


class Yacht(Vessel):
    def __init__(self):
        self.miles = 0

    def sail(self):
        self.miles += 1

    def dive(self):
        raise NotImplementedError("yachts do not dive")
