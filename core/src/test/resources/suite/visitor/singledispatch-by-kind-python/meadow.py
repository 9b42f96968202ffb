from functools import singledispatchmethod


class Plant:
    def accept(self, visitor):
        return visitor.visit(self)


class Clover(Plant):
    leaves = 3


class Thistle(Plant):
    spines = 40


class Meadow:
    def __init__(self):
        self._plants = []

    def sow(self, plant):
        self._plants.append(plant)

    def survey(self, visitor):
        return [plant.accept(visitor) for plant in self._plants]
