from typing import Optional, Protocol


class Choice(Protocol):
    def pick(self, free: list[int], length: int) -> int: ...


class Nearest:
    def pick(self, free, length):
        return min(free)


class Longest:
    def __init__(self, lengths):
        self.lengths = lengths

    def pick(self, free, length):
        return max(free, key=lambda berth: self.lengths[berth] - length)


class Berthing:
    def __init__(self, free: list[int]) -> None:
        self.free = free
        self.choice: Optional[Choice] = None

    def choose(self, choice: Choice) -> None:
        self.choice = choice

    def assign(self, length: int) -> int:
        berth = self.choice.pick(self.free, length)
        if isinstance(self.choice, Nearest):
            print("short way")
        self.free.remove(berth)
        return berth


def main():
    berthing = Berthing([1, 2, 5])
    berthing.choose(Longest({1: 90, 2: 140, 5: 60}))
    berthing.assign(80)
    berthing.choose(Nearest())
    berthing.assign(40)
