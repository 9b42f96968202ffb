from typing import Protocol

class Rule(Protocol):

    def due(self, tons):
        ...

class PerTon:

    def __init__(self, rate):
        self.rate = rate

    def due(self, tons):
        return tons * self.rate

class Capped:

    def __init__(self, limit):
        self.limit = limit

    def due(self, tons):
        return min(tons * 2.0, self.limit)

class Bill:

    def __init__(self, rule):
        self._rule = rule

    def total(self, ships):
        return sum((self._rule.due(tons) for tons in ships))
Bill(PerTon(1.2)).total([3])
Bill(Capped(400)).total([3])