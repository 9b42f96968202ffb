from typing import Protocol


class Step(Protocol):
    def perform(self, ship: str) -> None: ...


class Runner:
    def __init__(self) -> None:
        self._steps: dict[str, Step] = {}

    def add(self, name: str, step: Step) -> None:
        self._steps[name] = step

    def remove(self, name: str) -> None:
        del self._steps[name]

    def run(self, names: list[str], ship: str) -> None:
        for name in names:
            self._steps[name].perform(ship)


class Pump:
    def perform(self, ship: str) -> None:
        print("pump", ship)


class Paint:
    def perform(self, ship: str) -> None:
        print("paint", ship)
