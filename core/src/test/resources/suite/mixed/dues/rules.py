from __future__ import annotations
from typing import Protocol


class Rule(Protocol):
    def due(self, ship: Ship) -> float: ...


class ByLength:
    def due(self, ship: Ship) -> float:
        return ship.length * 2.5


class ByTonnage:
    def due(self, ship: Ship) -> float:
        return ship.tons * 0.4


class WithPilot:
    def __init__(self, rule: Rule):
        self._rule = rule

    def due(self, ship: Ship) -> float:
        return self._rule.due(ship) + 120


class AtNight:
    def __init__(self, rule: Rule):
        self._rule = rule

    def due(self, ship: Ship) -> float:
        return self._rule.due(ship) * 1.5


class Ship:
    def __init__(self, name: str, length: float, tons: float):
        self.name = name
        self.length = length
        self.tons = tons
