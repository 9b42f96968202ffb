from functools import singledispatchmethod

from meadow import Clover, Meadow, Thistle


class Grazing:
    @singledispatchmethod
    def visit(self, plant):
        raise TypeError(plant)

    @visit.register
    def _(self, clover: Clover):
        return clover.leaves * 2

    @visit.register
    def _(self, thistle: Thistle):
        return 0


class Labels:
    @singledispatchmethod
    def visit(self, plant):
        return "plant"

    @visit.register
    def _(self, thistle: Thistle):
        return f"{thistle.spines} spines"


def week(meadow: Meadow):
    return meadow.survey(Grazing()), meadow.survey(Labels())
