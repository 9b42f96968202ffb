from registry import BerthRegister


def moor(ship):
    BerthRegister().assign(ship, 4)


def shift(ship):
    BerthRegister().assign(ship, 5)
