from customs.clearance import Clearance
from customs.parts import Till


def audit(desk: Clearance):
    till = Till()
    till.charge(0)
    return desk.cleared("Meridian"), till
