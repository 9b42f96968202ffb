from clearance import Clearance


class Agent:
    def __init__(self):
        self.clearance = Clearance()

    def arrive(self, ship):
        return self.clearance.clear(ship)
